import { atmosphereBar } from "../../../basis/units/definitions.ts";
import { largestOf } from "../../../mechanics/flow/installed.ts";
import { statedLine } from "../../../mechanics/flow/stated-line.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether the cases lie on the line that is stated. */
export const lineAgrees = flowRule({
  id: "flow/line-agrees",
  asks: "Cases against the stated line",
  source: "Pressure of a case against the pump curve at its flow, and against the static pressure",
  inputs: ["flow and pressures of the cases", "pump curve", "static pressure", "house rule: apart by"],
  unit: "%",
  appliesTo: "throttling",
  tight: "mild",
  notApplicableBecause: ({ stated: { pumpCurve, staticBarG } }) =>
    pumpCurve === null && staticBarG === null ? "The line is described only by its cases." : null,
  measure: (c, { streams }, { duty, house }) => {
    const { pumpedBarA, staticBarA } = statedLine(duty);
    const { sized } = streams.find(({ stream }) => stream === c.stream)!;
    // A trip is not of the line as it runs.
    if (!sized) return null;
    const { upstreamBarA, downstreamBarA, massKgH } = c.stream;
    // The curve counts flow in the basis of the largest case, whatever basis this one uses.
    const largest = largestOf({ streams })!;
    const pumped = pumpedBarA === null ? null : pumpedBarA((largest.rate * massKgH) / largest.stream.massKgH);
    const apart = pumped === null ? 0 : Math.abs(upstreamBarA - pumped) / upstreamBarA;
    // The back pressure without flow is at most the back pressure with friction added.
    const above = staticBarA === null ? 0 : Math.max(0, staticBarA - downstreamBarA) / downstreamBarA;
    const comparison = against(100 * Math.max(apart, above), house.lineWithinPercent, 0);
    return {
      ...comparison,
      verdict: comparison.verdict === "fails" ? "tight" : comparison.verdict,
      uses: [
        ...(pumped === null
          ? []
          : [used("pump pressure at this flow", pumped - atmosphereBar, "entered", "bar g")]),
        ...(staticBarA === null
          ? []
          : [used("downstream static pressure", staticBarA - atmosphereBar, "entered", "bar g")]),
      ],
    };
  },
  otherwise: "No sizing case states a flow.",
  says: {
    holds: "The cases agree with the stated line.",
    tight: "A case does not agree with the stated line. Travel and gain depend on which of the two is right.",
    fails: "",
  },
  remedy: "Correct the case or the pump curve.",
});
