import { hazardsFound } from "../../../duty/settling/hazards-in-use.ts";
import { used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

export const hazardsSetAside = dutyRule({
  id: "duty/hazards-set-aside",
  asks: "Hazards set aside",
  source:
    "A hazard of the substance, its family or its H₂S counts until somebody says why it does not (house convention)",
  inputs: ["hazards set aside", "reason", "substance", "service family", "partial pressure of H₂S"],
  unraised: ({ stated }) => ((stated.fluid.setAside ?? []).length === 0 ? "No hazard is set aside." : null),
  examine: ({ duty, house }) => {
    const { setAside, setAsideBecause } = duty.stated.fluid;
    const found = hazardsFound(duty.stated, duty.substance, house);
    const taken = setAside!.filter((h) => found.has(h));
    const reason = setAsideBecause?.trim() ?? "";
    const words = taken.join(", ");
    const uses = [
      used("set aside", words || "none that applies", "entered"),
      used("because", reason || "no reason", "entered"),
    ];
    if (taken.length === 0) return plain("holds", "What is set aside does not apply.", { uses });
    return reason === ""
      ? cannotTell(`the reason ${words} is set aside`, { uses })
      : plain("tight", `Judged as if the fluid were not ${words}: whoever set it aside answers for it.`, {
          value: words,
          limit: reason,
          uses,
        });
  },
});
