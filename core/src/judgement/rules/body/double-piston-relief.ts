import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { flows } from "../worst.ts";

export const doublePistonRelief = rule({
  id: "body/double-piston-relief",
  asks: "Relief of double-piston seats",
  source: "Double-piston seats do not relieve the cavity (API 6D)",
  inputs: ["phase", "cavity arrangement", "vent and drain"],
  dependsOn: ["line", "cavity"],
  examine: ({ valve, duty }) => {
    if (valve.cavity.id !== "two double-piston")
      return notAsked("The valve does not have two double-piston seats.");
    const liquid = flows(duty).some((phase) => phase !== "gas" && phase !== "steam");
    const uses = [
      used("phases", flows(duty).join(", ") || "not stated", "entered"),
      used("cavity arrangement", valve.cavity.name, "catalogue"),
      used("vent and drain", valve.line.ventAndDrain ? "fitted" : "none", "catalogue"),
    ];
    if (!liquid)
      return plain("holds", "No liquid is trapped. Gas pressure rises only slightly with temperature.", {
        uses,
      });
    if (duty.stated.cavityRelief)
      return plain("holds", "The cavity has an external relief to the upstream side.", {
        uses: [...uses, used("cavity relief piped", "yes", "entered")],
        value: "liquid",
        limit: "piped relief",
      });
    return valve.line.ventAndDrain
      ? plain("tight", "The cavity traps liquid. Fit an external relief piped to the upstream side.", {
          uses,
          value: "liquid",
          limit: "external relief",
        })
      : plain(
          "fails",
          "Liquid is trapped between two seats that do not relieve it, and the body has no fitting for a relief.",
          {
            uses,
            value: "liquid",
            limit: "no fitting",
            remedy: "Use at least one self-relieving seat, or a piped relief.",
          },
        );
  },
});
