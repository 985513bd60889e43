import { against } from "../compare.ts";
import { flowRule } from "./flow-rule.ts";

/** Rated capacity against the flow of every case. */
export const capacity = flowRule({
  id: "flow/capacity",
  asks: "Capacity",
  source: "IEC 60534-2-1:2011 with the trim factors at the opening",
  inputs: ["flow and pressures of the cases", "fluid", "flow coefficient of the trim", "pipe bore"],
  unit: "Kv",
  appliesTo: "throttling",
  measure: (c, { trim }) => against(c.kvNeeded, trim.kv, 0),
  otherwise: "No case states a flow.",
  says: {
    holds: "The fully open valve passes more than the highest flow of the cases.",
    tight: "The fully open valve passes more than the highest flow of the cases.",
    fails: "The fully open valve passes less than the required flow.",
  },
  remedy: "Use a larger trim, a larger body, or more pressure drop across the valve.",
});
