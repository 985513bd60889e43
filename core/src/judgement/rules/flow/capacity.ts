import { against } from "../compare.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether wide open it passes what every case asks for. */
export const capacity = flowRule({
  id: "flow/capacity",
  asks: "Passes the flow",
  source: "IEC 60534-2-1:2011 with the trim's factors at its opening",
  inputs: ["flow and pressures of the cases", "fluid", "flow coefficient of the trim", "pipe bore"],
  unit: "Kv",
  of: "throttling",
  measure: (c, { trim }) => against(c.kvNeeded, trim.kv, 0),
  otherwise: "No case flows.",
  says: {
    holds: "Wide open it passes more than any case asks for.",
    tight: "Wide open it passes more than any case asks for.",
    fails: "Wide open it passes less than is asked for.",
  },
  remedy: "A wider trim or a larger body; or more pressure drop left to the valve.",
});
