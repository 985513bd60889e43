import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether every case is controlled within the house's openings. */
export const openingRange = flowRule({
  id: "flow/opening",
  asks: "Travel in every case",
  source: "Travel on the trim curve for the flow of each case; range by house rule",
  inputs: ["flow and pressures of the cases", "curve of the trim", "house rules: least and largest opening"],
  unit: "%",
  appliesTo: "throttling",
  measure: (c, _, { house }) => {
    const { openingPercent: value, beyond } = c.standing;
    const { leastOpeningPercent: least, mostOpeningPercent: maximum } = house;
    const low = value < (least + maximum) / 2;
    const limit = low ? least : maximum;
    const inside = value >= least && value <= maximum;
    return {
      value,
      limit,
      sense: low ? "≥" : "≤",
      margin: low ? value / Math.max(1e-9, least) - 1 : maximum / value - 1,
      verdict: beyond !== null ? "fails" : inside ? "holds" : "tight",
      uses: [
        used("lowest travel for control", least, "house rule", "%"),
        used("highest travel for control", maximum, "house rule", "%"),
        used("required Kv", c.kvNeeded, "computed", "Kv"),
      ],
      ...(beyond !== null && { decides: beyond }),
    };
  },
  otherwise: "No case states a flow.",
  says: {
    holds: "Travel is within the control range in every case.",
    tight: "Travel in a case is close to an end position, where control is coarse or exhausted.",
    fails: "A case is outside the travel range of the trim.",
  },
  remedy: "Use another trim of the product line, or two valves in split range.",
});
