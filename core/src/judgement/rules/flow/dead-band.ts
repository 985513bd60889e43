import { placeNamed } from "../../../equipment/accessories/fittings.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { givesWay, isByHand } from "../../../equipment/drives/supplies.ts";
import { deadBandAt, flowStepPercent } from "../../../mechanics/flow/dead-band.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import type { Judged } from "../judged.ts";
import { flowRule } from "./flow-rule.ts";

/** Smallest step of the actuator: of its positioner, else from the house rules. */
function stepOf({ fittings, house }: Pick<Judged, "fittings" | "house">) {
  const own = placeNamed(fittings, "positioner")?.fit[0]?.item.resolutionPercent ?? null;
  return own === null
    ? used("resolution of the actuator", house.assumedStepPercent, "house rule", "%")
    : used("resolution of the positioner", own, "catalogue", "%");
}

/** Whether friction lets the drive set the flow finely enough. */
export const deadBand = flowRule({
  id: "flow/dead-band",
  asks: "Resolution",
  source:
    "Dead band of the travel (resolution plus twice the friction over torque and positioner gain) converted to flow by the trim curve: an estimate",
  inputs: [
    "torque demand",
    "actuator output at the lowest supply",
    "positioner",
    "curve of the trim",
    "house rules: step of the flow, gain of the positioner",
  ],
  dependsOn: ["cavity", "seat", "drive", "drive.fittings"],
  unit: "%",
  appliesTo: "throttling",
  tight: "mild",
  measure: ({ standing, figures }, { trim }, judged) => {
    const { drive, supplied, demand, house } = judged;
    if (!drive || !supplied || standing.beyond !== null) return null;
    const { supply } = kindOf(drive.family);
    if (isByHand(supply)) return null;
    const step = stepOf(judged);
    const gives = givesWay(supply) ? supplied : null;
    const band = deadBandAt(figures.openingPercent, demand, gives, Number(step.value), house);
    if (band === null) return { missing: "torque demand" };
    const comparison = against(
      flowStepPercent(trim, figures.openingPercent, band.percent),
      house.flowStepPercent,
      0,
    );
    return {
      ...comparison,
      verdict: comparison.verdict === "fails" ? "tight" : comparison.verdict,
      uses: [
        step,
        ...(band.frictionShare === null
          ? []
          : [used("friction share of the actuator torque", 100 * band.frictionShare, "computed", "%")]),
        used("dead band of the travel", band.percent, "estimate", "%"),
      ],
    };
  },
  otherwise: "No actuator positions the valve, or no case is within the travel range.",
  says: {
    holds: "The flow resolution is within the house rule in every case.",
    tight: "Friction and resolution give flow steps above the house rule: the control loop will hunt.",
    fails: "",
  },
  remedy:
    "Use a stronger actuator, a seat with less friction, a positioner with finer resolution, or a smaller trim.",
});
