import { against } from "../compare.ts";
import { flowRule } from "./flow-rule.ts";

/** Velocity of a gas through an open valve. */
export const gasVelocity = flowRule({
  id: "flow/gas-velocity",
  asks: "Gas velocity",
  source: "Continuity through the open valve; limit by house rule",
  inputs: ["flow and pressures of the cases", "fluid", "size", "house rule: velocity of gas"],
  unit: "m/s",
  appliesTo: "open",
  fluid: "gas",
  tight: "mild",
  measure: (c, _, { house }) => {
    const comparison = against(c.figures.outletMS, house.openGasMS, 0);
    return comparison.verdict === "fails" ? { ...comparison, verdict: "tight" } : comparison;
  },
  otherwise: "No case has a gas flow.",
  says: {
    holds: "The gas velocity is within the house rule.",
    tight: "The gas velocity exceeds the usual design velocity.",
    fails: "",
  },
  remedy: "Use a larger valve and pipe.",
});
