import { against } from "../compare.ts";
import { flowRule } from "./flow-rule.ts";

/** Velocity of a gas through an open valve. */
export const gasVelocity = flowRule({
  id: "flow/gas-velocity",
  asks: "Velocity of the gas",
  source: "Continuity through the open valve against the house's limit",
  inputs: ["flow and pressures of the cases", "fluid", "size", "house rule: velocity of gas"],
  unit: "m/s",
  of: "open",
  fluid: "gas",
  tight: "mild",
  measure: (c, _, { house }) => {
    const of = against(c.figures.outletMS, house.openGasMS, 0);
    return of.verdict === "fails" ? { ...of, verdict: "tight" } : of;
  },
  otherwise: "No gas flows.",
  says: {
    holds: "The gas is slow enough.",
    tight: "The gas is faster than lines are laid out for.",
    fails: "",
  },
  remedy: "A larger valve and pipe.",
});
