import { atmosphereBar } from "../../../basis/units/definitions.ts";
import { largestOf } from "../../../mechanics/flow/installed.ts";
import { statedLine } from "../../../mechanics/flow/stated-line.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether the cases lie on the line that is stated. */
export const lineAgrees = flowRule({
  id: "flow/line-agrees",
  asks: "Cases lie on the line stated",
  source: "Pressure of a case against the pump's curve at its flow, and against the pressure at no flow",
  inputs: ["flow and pressures of the cases", "pump curve", "pressure at no flow", "house rule: apart by"],
  unit: "%",
  of: "throttling",
  tight: "mild",
  unraised: ({ stated: { pumpCurve, staticBarG } }) =>
    pumpCurve === null && staticBarG === null ? "Nothing states the line but its cases." : null,
  measure: (c, { streams }, { duty, house }) => {
    const { pumpedBarA, staticBarA } = statedLine(duty);
    const { sized } = streams.find(({ stream }) => stream === c.stream)!;
    // A trip is not of the line as it runs.
    if (!sized) return null;
    const { upstreamBarA, downstreamBarA, massKgH } = c.stream;
    // The curve counts as the largest case does, whatever this one counts in.
    const most = largestOf({ streams })!;
    const pumped = pumpedBarA === null ? null : pumpedBarA((most.rate * massKgH) / most.stream.massKgH);
    const apart = pumped === null ? 0 : Math.abs(upstreamBarA - pumped) / upstreamBarA;
    // What stands behind it at no flow is no more than what stands there while friction adds to it.
    const above = staticBarA === null ? 0 : Math.max(0, staticBarA - downstreamBarA) / downstreamBarA;
    const of = against(100 * Math.max(apart, above), house.lineWithinPercent, 0);
    return {
      ...of,
      verdict: of.verdict === "fails" ? "tight" : of.verdict,
      uses: [
        ...(pumped === null
          ? []
          : [used("the pump gives at its flow", pumped - atmosphereBar, "entered", "bar g")]),
        ...(staticBarA === null
          ? []
          : [used("behind it at no flow", staticBarA - atmosphereBar, "entered", "bar g")]),
      ],
    };
  },
  otherwise: "No case it is sized for flows.",
  says: {
    holds: "The cases lie on the line stated.",
    tight: "A case lies off the line stated: opening and gain are reckoned with the one or the other.",
    fails: "",
  },
  remedy: "Correct the case, or the curve.",
});
