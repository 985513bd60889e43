import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether one trim controls from the smallest case to the largest. */
export const rangeability = flowRule({
  id: "flow/rangeability",
  asks: "Rangeability",
  source: "Ratio of highest to lowest required coefficient against the inherent rangeability of the trim",
  inputs: ["flow and pressures of the cases", "rangeability of the trim"],
  unit: "",
  appliesTo: "throttling",
  measure: (c, { cases, trim }) => {
    const needed = cases.map((operatingCase) => operatingCase.kvNeeded);
    const [least, maximum] = [Math.min(...needed), Math.max(...needed)];
    if (c.kvNeeded !== least || least === maximum) return null;
    return {
      ...against(maximum / least, trim.trim.rangeability, 0.25),
      uses: [used("largest", maximum, "computed", "Kv"), used("least", least, "computed", "Kv")],
    };
  },
  otherwise: "Only one case states a flow.",
  says: {
    holds: "The trim controls from the lowest to the highest flow.",
    tight: "The ratio of highest to lowest flow is close to the rangeability of the trim.",
    fails: "The ratio of highest to lowest flow exceeds the rangeability of the trim.",
  },
  remedy: "Use a trim with higher rangeability, or two valves in split range.",
});
