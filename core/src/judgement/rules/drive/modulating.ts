import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { hasMotor, isByHand, usesLineGas } from "../../../equipment/drives/supplies.ts";
import { functionUsed, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const modulating = rule({
  id: "drive/modulating",
  asks: "Drive can throttle",
  source: "An on–off motor has no positioner and overheats when it is started again and again (practice)",
  inputs: ["function", "drive's kind"],
  hangsOn: ["drive.family"],
  unraised: ({ function: does }) => (does.has("throttling") ? null : "It does not throttle."),
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const kind = kindOf(drive.family);
    const uses = [functionUsed(duty), used("drive", kind.kind, "catalogue")];
    if (isByHand(kind.supply)) return plain("holds", "A hand sets it, now and then.", { uses });
    if (hasMotor(kind.supply) && !kind.modulates)
      return plain("fails", "This motor is made to open and shut, not to throttle.", {
        uses,
        remedy: "A modulating motor, or air with a positioner.",
      });
    if (usesLineGas(kind.supply))
      return plain("fails", "Throttling on gas of the line would blow gas off without end.", {
        uses,
        remedy: "A modulating motor, or air with a positioner.",
      });
    return kind.modulates
      ? plain("holds", "It is made to stand anywhere.", { uses })
      : plain("holds", "With a positioner it stands anywhere.", { uses });
  },
});
