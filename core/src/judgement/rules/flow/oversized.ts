import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether the largest case uses the stroke. */
export const oversized = flowRule({
  id: "flow/oversized",
  asks: "Oversizing",
  source: "Travel of the highest flow on the trim curve",
  inputs: ["flow and pressures of the cases", "curve of the trim", "house rule: oversized below"],
  unit: "%",
  sense: "≥",
  tight: "mild",
  appliesTo: "throttling",
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
      uses: [used("highest required Kv", c.kvNeeded, "computed", "Kv")],
    };
  },
  otherwise: "No case states a flow.",
  says: {
    holds: "The highest flow uses most of the travel.",
    tight: "The highest flow uses little of the travel. A smaller trim would control better.",
    fails: "",
  },
  remedy: "Use a smaller trim if the product line offers one.",
});
