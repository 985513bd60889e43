import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether one trim controls from the least case to the largest. */
export const rangeability = flowRule({
  id: "flow/rangeability",
  asks: "Range from least to largest",
  source: "Largest over least coefficient of the cases against the inherent rangeability of the trim",
  inputs: ["flow and pressures of the cases", "rangeability of the trim"],
  unit: "",
  of: "throttling",
  measure: (c, { cases, trim }) => {
    const needed = cases.map((one) => one.kvNeeded);
    const [least, most] = [Math.min(...needed), Math.max(...needed)];
    if (c.kvNeeded !== least || least === most) return null;
    return {
      ...against(most / least, trim.trim.rangeability, 0.25),
      uses: [used("largest", most, "computed", "Kv"), used("least", least, "computed", "Kv")],
    };
  },
  otherwise: "One case alone flows.",
  says: {
    holds: "The trim controls from the least case to the largest.",
    tight: "Least and largest case are almost as far apart as the trim controls at its best.",
    fails: "Least and largest case are farther apart than the trim controls.",
  },
  remedy: "A trim of wider range, or two valves in split range.",
});
