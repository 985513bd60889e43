import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { hasMotor, isByHand, usesLineGas } from "../../../equipment/drives/supplies.ts";
import { functionUsed, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const modulating = rule({
  id: "drive/modulating",
  asks: "Actuator for throttling",
  source: "An on–off motor has no positioner and overheats with frequent starts (practice)",
  inputs: ["function", "kind of actuator"],
  dependsOn: ["drive.family"],
  notApplicableBecause: ({ function: does }) =>
    does.has("throttling") ? null : "The valve does not throttle.",
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const kind = kindOf(drive.family);
    const uses = [functionUsed(duty), used("drive", kind.kind, "catalogue")];
    if (isByHand(kind.supply)) return plain("holds", "The valve is set by hand.", { uses });
    if (hasMotor(kind.supply) && !kind.modulates)
      return plain("fails", "This motor is for on–off duty, not for throttling.", {
        uses,
        remedy: "Use a modulating motor, or a pneumatic actuator with a positioner.",
      });
    if (usesLineGas(kind.supply))
      return plain("fails", "Throttling with line gas would vent gas continuously.", {
        uses,
        remedy: "Use a modulating motor, or a pneumatic actuator with a positioner.",
      });
    return kind.modulates
      ? plain("holds", "The actuator can hold any position.", { uses })
      : plain("holds", "With a positioner the actuator can hold any position.", { uses });
  },
});
