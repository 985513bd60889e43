import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Mach number in the outlet of a valve that throttles a gas. */
export const outletMach = flowRule({
  id: "flow/outlet-mach",
  asks: "Mach number in the outlet",
  source: "Outlet velocity at downstream pressure over the speed of sound; limit by house rule",
  inputs: ["flow and pressures of the cases", "fluid", "size", "house rule: Mach number"],
  unit: "",
  appliesTo: "throttling",
  fluid: "gas",
  measure: (c, _, { house }) =>
    c.figures.mach === null
      ? null
      : {
          ...against(c.figures.mach, house.machLimit, 0),
          uses: [used("velocity in the outlet", c.figures.outletMS, "computed", "m/s")],
        },
  otherwise: "No case has a gas flow.",
  says: {
    holds: "The Mach number at the outlet is within the house rule.",
    tight: "The Mach number at the outlet is within the house rule.",
    fails: "The Mach number at the outlet exceeds the house rule: extra noise and pipe vibration.",
  },
  remedy: "Use a larger body with a reduced trim, and a wider downstream pipe.",
});
