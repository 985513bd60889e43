import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { isByHand } from "../../../equipment/drives/supplies.ts";
import { used } from "../inputs.ts";
import { cannotTell, fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const handOverride = rule({
  id: "drive/hand-override",
  asks: "Manual override",
  source:
    "Data of the actuator's maker. A lever on an actuator under air or spring load can break an arm (practice)",
  inputs: ["manual override", "actuator family: manual override"],
  dependsOn: ["drive.family"],
  notApplicableBecause: ({ stated }) =>
    stated.handOverride === true ? null : "The duty asks for no manual override.",
  examine: ({ drive }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    if (isByHand(kindOf(drive.family).supply)) return notAsked("The valve has a manual operator.");
    const { handOverride: has } = drive.family;
    const uses = [used("manual override", has === null ? "not stated" : has ? "yes" : "no", "catalogue")];
    if (has === null) return cannotTell("manual override of the actuator", { uses });
    return fits(
      has,
      {
        holds: "A declutchable manual override operates the valve without the supply.",
        fails: "The actuator has no manual override.",
      },
      {
        uses,
        remedy:
          "Use an actuator with a declutchable handwheel, or a declutchable gearbox between valve and actuator.",
      },
    );
  },
});
