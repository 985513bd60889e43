import { flowRule } from "./flow-rule.ts";

/** Whether a trim throttles the way it is passed. */
export const reverseFlow = flowRule({
  id: "flow/reverse",
  asks: "Flow direction for throttling",
  source: "Notch and seat are made for one flow direction unless the maker states both",
  inputs: ["direction of the cases", "directions of the trim"],
  unit: "",
  appliesTo: "throttling",
  measure: (c, { trim }) => {
    if (!c.reverse || trim.trim.bothWays) return null;
    return { value: 1, limit: 1, margin: null, verdict: "tight", decides: "one direction" };
  },
  otherwise: "No case has reverse flow, or the trim throttles in both directions.",
  says: {
    holds: "",
    tight: "In reverse flow the stated curve and shut-off do not apply, and the seat can lift.",
    fails: "",
  },
  remedy: "Use a trim rated for throttling in both directions.",
});
