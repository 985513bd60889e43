import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether every case is controlled within the house's openings. */
export const openingRange = flowRule({
  id: "flow/opening",
  asks: "Opening of every case",
  source: "Opening on the trim's curve at which it passes the case; range by house rule",
  inputs: ["flow and pressures of the cases", "curve of the trim", "house rules: least and largest opening"],
  unit: "%",
  of: "throttling",
  measure: (c, _, { house }) => {
    const { openingPercent: value, beyond } = c.standing;
    const { leastOpeningPercent: least, mostOpeningPercent: most } = house;
    const low = value < (least + most) / 2;
    const limit = low ? least : most;
    const inside = value >= least && value <= most;
    return {
      value,
      limit,
      sense: low ? "≥" : "≤",
      margin: low ? value / Math.max(1e-9, least) - 1 : most / value - 1,
      verdict: beyond !== null ? "fails" : inside ? "holds" : "tight",
      uses: [
        used("least opening that controls", least, "house rule", "%"),
        used("largest opening that controls", most, "house rule", "%"),
        used("asked for", c.kvNeeded, "computed", "Kv"),
      ],
      ...(beyond !== null && { decides: beyond }),
    };
  },
  otherwise: "No case flows.",
  says: {
    holds: "Every case is controlled where a small step is a small change.",
    tight: "A case stands close to an end of the stroke, where control is coarse or nothing is left.",
    fails: "A case lies beyond what the trim can stand at.",
  },
  remedy: "Another trim of the line, or two valves in split range.",
});
