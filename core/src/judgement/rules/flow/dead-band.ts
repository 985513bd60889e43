import { placeNamed } from "../../../equipment/accessories/fittings.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { givesWay, isByHand } from "../../../equipment/drives/supplies.ts";
import { deadBandAt, flowStepPercent } from "../../../mechanics/flow/dead-band.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import type { Judged } from "../judged.ts";
import { flowRule } from "./flow-rule.ts";

/** Least step of what sets the drive: of its positioner, else as the house takes it. */
function stepOf({ fittings, house }: Pick<Judged, "fittings" | "house">) {
  const own = placeNamed(fittings, "positioner")?.fit[0]?.item.resolutionPercent ?? null;
  return own === null
    ? used("least step of the drive", house.assumedStepPercent, "house rule", "%")
    : used("least step of the positioner", own, "catalogue", "%");
}

/** Whether friction lets the drive set the flow finely enough. */
export const deadBand = flowRule({
  id: "flow/dead-band",
  asks: "Steps of the flow",
  source:
    "Dead band of the stroke (least step, and twice the friction over torque and gain of the positioner) through the curve of the trim: an estimate",
  inputs: [
    "torque demand",
    "drive output at the lowest supply",
    "positioner",
    "curve of the trim",
    "house rules: step of the flow, gain of the positioner",
  ],
  hangsOn: ["cavity", "seat", "drive", "drive.fittings"],
  unit: "%",
  of: "throttling",
  tight: "mild",
  measure: ({ standing, figures }, { trim }, judged) => {
    const { drive, supplied, demand, house } = judged;
    if (!drive || !supplied || standing.beyond !== null) return null;
    const { supply } = kindOf(drive.family);
    if (isByHand(supply)) return null;
    const step = stepOf(judged);
    const gives = givesWay(supply) ? supplied : null;
    const band = deadBandAt(figures.openingPercent, demand, gives, Number(step.value), house);
    if (band === null) return { missing: "the torque demand" };
    const of = against(flowStepPercent(trim, figures.openingPercent, band.percent), house.flowStepPercent, 0);
    return {
      ...of,
      verdict: of.verdict === "fails" ? "tight" : of.verdict,
      uses: [
        step,
        ...(band.frictionShare === null
          ? []
          : [used("friction takes of the drive", 100 * band.frictionShare, "computed", "%")]),
        used("dead band, of the stroke", band.percent, "estimate", "%"),
      ],
    };
  },
  otherwise: "No drive sets it, or no case stands within its range.",
  says: {
    holds: "The drive sets the flow finely enough in every case.",
    tight: "Friction and least step make larger steps of the flow than the loop wants: it will hunt.",
    fails: "",
  },
  remedy: "A stronger drive, a seat that rubs less, a finer positioner, or a trim that opens further.",
});
