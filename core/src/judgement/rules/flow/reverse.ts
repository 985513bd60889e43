import { flowRule } from "./flow-rule.ts";

/** Whether a trim throttles the way it is passed. */
export const reverseFlow = flowRule({
  id: "flow/reverse",
  asks: "Throttles the way it is passed",
  source: "Notch and seat are made for one direction of flow, unless the maker says both",
  inputs: ["direction of the cases", "directions of the trim"],
  unit: "",
  of: "throttling",
  measure: (c, { trim }) => {
    if (!c.reverse || trim.trim.bothWays) return null;
    return { value: 1, limit: 1, margin: null, verdict: "tight", decides: "made for one way" };
  },
  otherwise: "Nothing flows the other way, or the trim throttles both ways.",
  says: {
    holds: "",
    tight:
      "Passed the other way its curve and its seat are others than stated, and it may lift from its seat.",
    fails: "",
  },
  remedy: "A trim its maker lets throttle both ways.",
});
