import { used } from "../inputs.ts";
import { memberRule } from "./member-rule.ts";

export const coupling = memberRule({
  id: "fit-up/coupling",
  asks: "Coupling",
  source:
    "Torsion of socket and end, shear and bearing of keys (DIN 6892 C), with a share of the yield strength by house rule",
  inputs: ["stem end", "actuator bore", "house rules: coupling steel"],
  carried: ({ coupling: made }) =>
    made
      ? {
          carriesNm: made.carriesNm,
          uses: [
            used("weakest part", made.weakest, made.made ? "catalogue" : "computed"),
            ...(made.made
              ? [used("standard part", `${made.made.maker} ${made.made.item}`, "catalogue")]
              : []),
            used("outside", made.outsideMm, "computed", "mm"),
            used("length", made.lengthMm, "computed", "mm"),
          ],
        }
      : "The actuator needs no coupling.",
  holds: "The coupling carries the peak output torque.",
  fails: "The peak output torque exceeds the strength of the coupling.",
  remedy: "Use an actuator with a larger bore, a stronger steel or a smaller actuator.",
});
