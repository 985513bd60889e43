import { against } from "../compare.ts";
import { flowRule } from "./flow-rule.ts";

/** Velocity of a liquid in the valve. */
export const liquidVelocity = flowRule({
  id: "flow/liquid-velocity",
  asks: "Liquid velocity",
  source: "Continuity at the valve outlet; limits by house rule",
  inputs: ["flow of the cases", "size", "house rules: velocities of liquid"],
  unit: "m/s",
  tight: "mild",
  appliesTo: "both",
  fluid: "liquid",
  measure: (c, { throttles }, { house }) => {
    if (c.stream.kind !== "liquid" || c.figures.boiling === "flashing") return null;
    const comparison = against(
      c.figures.outletMS,
      throttles ? house.throttledLiquidMS : house.openLiquidMS,
      0,
    );
    // Velocity in an open line is a matter of cost; nothing breaks beyond it.
    return comparison.verdict === "fails" && !throttles ? { ...comparison, verdict: "tight" } : comparison;
  },
  otherwise: "No case has a liquid that stays liquid downstream.",
  says: {
    holds: "The liquid velocity is within the house rule.",
    tight: "The liquid velocity exceeds the usual design velocity.",
    fails: "The liquid velocity is high enough to erode body and pipe.",
  },
  remedy: "Use a larger valve and pipe.",
});
