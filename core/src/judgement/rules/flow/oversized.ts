import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether the largest case uses the stroke. */
export const oversized = flowRule({
  id: "flow/oversized",
  asks: "Not oversized",
  source: "Opening of the largest case on the trim's curve",
  inputs: ["flow and pressures of the cases", "curve of the trim", "house rule: oversized below"],
  unit: "%",
  sense: "≥",
  tight: "mild",
  of: "throttling",
  measure: (c, flow, { house }) => {
    const largest = flow.cases.reduce((a, b) => (b.kvNeeded > a.kvNeeded ? b : a));
    if (c !== largest) return null;
    const value = c.standing.openingPercent;
    const limit = house.oversizedBelowPercent;
    return {
      value,
      limit,
      margin: limit > 0 ? value / limit - 1 : null,
      verdict: value < limit ? "tight" : "holds",
      uses: [used("asked for at most", c.kvNeeded, "computed", "Kv")],
    };
  },
  otherwise: "No case flows.",
  says: {
    holds: "The largest case uses most of the stroke.",
    tight: "The largest case uses little of the stroke: a smaller trim would control finer.",
    fails: "",
  },
  remedy: "A smaller trim, where the line has one.",
});
