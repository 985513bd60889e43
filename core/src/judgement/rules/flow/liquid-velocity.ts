import { against } from "../compare.ts";
import { flowRule } from "./flow-rule.ts";

/** Velocity of a liquid in the valve. */
export const liquidVelocity = flowRule({
  id: "flow/liquid-velocity",
  asks: "Velocity of the liquid",
  source: "Continuity through the valve's outlet against the house's limits",
  inputs: ["flow of the cases", "size", "house rules: velocities of liquid"],
  unit: "m/s",
  tight: "mild",
  of: "both",
  fluid: "liquid",
  measure: (c, { throttles }, { house }) => {
    if (c.stream.kind !== "liquid" || c.figures.boiling === "flashing") return null;
    const of = against(c.figures.outletMS, throttles ? house.throttledLiquidMS : house.openLiquidMS, 0);
    // What an open line is laid out for is a matter of cost; beyond it nothing breaks.
    return of.verdict === "fails" && !throttles ? { ...of, verdict: "tight" } : of;
  },
  otherwise: "No liquid flows that stays one.",
  says: {
    holds: "The liquid is slow enough.",
    tight: "The liquid is faster than lines are laid out for.",
    fails: "The liquid is fast enough to erode body and pipe.",
  },
  remedy: "A larger valve and pipe.",
});
