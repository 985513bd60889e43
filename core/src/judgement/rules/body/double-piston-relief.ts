import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { flows } from "../worst.ts";

export const doublePistonRelief = rule({
  id: "body/double-piston-relief",
  asks: "Relief of double-piston seats",
  source: "Neither seat lets cavity pressure out (API 6D)",
  inputs: ["phase", "cavity arrangement", "vent and drain"],
  hangsOn: ["line", "cavity"],
  examine: ({ valve, duty }) => {
    if (valve.cavity.id !== "two double-piston") return notAsked("The seats are not both double-piston.");
    const liquid = flows(duty).some((phase) => phase !== "gas" && phase !== "steam");
    const uses = [
      used("phases", flows(duty).join(", ") || "not stated", "entered"),
      used("cavity arrangement", valve.cavity.name, "catalogue"),
      used("vent and drain", valve.line.ventAndDrain ? "fitted" : "none", "catalogue"),
    ];
    if (!liquid) return plain("holds", "No liquid is shut in; gas follows temperature mildly.", { uses });
    if (duty.stated.cavityRelief)
      return plain("holds", "The cavity is relieved outside, to upstream.", {
        uses: [...uses, used("cavity relief piped", "yes", "entered")],
        value: "liquid",
        limit: "piped relief",
      });
    return valve.line.ventAndDrain
      ? plain("tight", "A liquid-filled cavity must be relieved outside, to upstream: pipe a relief to it.", {
          uses,
          value: "liquid",
          limit: "external relief",
        })
      : plain(
          "fails",
          "Liquid is trapped between two seats that never let it out, and there is no fitting to relieve it.",
          {
            uses,
            value: "liquid",
            limit: "no fitting",
            remedy: "At least one self-relieving seat, or a piped relief.",
          },
        );
  },
});
