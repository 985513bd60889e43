import { hazardsFound } from "../../../duty/settling/hazards-in-use.ts";
import { used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

export const hazardsSetAside = dutyRule({
  id: "duty/hazards-set-aside",
  asks: "Hazards set aside",
  source:
    "A hazard of the substance, its family or its H₂S counts until a reason is given for setting it aside (house rule)",
  inputs: ["hazards set aside", "reason", "substance", "service family", "partial pressure of H₂S"],
  notApplicableBecause: ({ stated }) =>
    (stated.fluid.setAside ?? []).length === 0 ? "No hazard is set aside." : null,
  examine: ({ duty, house }) => {
    const { setAside, setAsideBecause } = duty.stated.fluid;
    const found = hazardsFound(duty.stated, duty.substance, house);
    const present = setAside!.filter((h) => found.has(h));
    const reason = setAsideBecause?.trim() ?? "";
    const words = present.join(", ");
    const uses = [
      used("set aside", words || "none that applies", "entered"),
      used("because", reason || "no reason", "entered"),
    ];
    if (present.length === 0)
      return plain("holds", "The hazards set aside do not apply to this duty.", { uses });
    return reason === ""
      ? cannotTell(`reason for setting aside ${words}`, { uses })
      : plain(
          "tight",
          `The proof treats the fluid as not ${words}. The person who set this aside is responsible.`,
          {
            value: words,
            limit: reason,
            uses,
          },
        );
  },
});
