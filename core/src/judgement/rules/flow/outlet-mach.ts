import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Mach number in the outlet of a valve that throttles a gas. */
export const outletMach = flowRule({
  id: "flow/outlet-mach",
  asks: "Mach number in the outlet",
  source: "Continuity at the pressure behind the valve over the speed of sound; limit by house rule",
  inputs: ["flow and pressures of the cases", "fluid", "size", "house rule: Mach number"],
  unit: "",
  of: "throttling",
  fluid: "gas",
  measure: (c, _, { house }) =>
    c.figures.mach === null
      ? null
      : {
          ...against(c.figures.mach, house.machLimit, 0),
          uses: [used("velocity in the outlet", c.figures.outletMS, "computed", "m/s")],
        },
  otherwise: "No gas flows.",
  says: {
    holds: "The gas leaves slowly enough.",
    tight: "The gas leaves slowly enough.",
    fails: "The gas leaves so fast that the outlet makes noise of its own and shakes the pipe.",
  },
  remedy: "A larger body with a reduced trim, and a wider pipe behind it.",
});
