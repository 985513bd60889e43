import { against } from "../compare.ts";
import { stated } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether the pipe behind a valve that throttles is wide enough. */
export const pipeVelocity = flowRule({
  id: "flow/pipe-velocity",
  asks: "Downstream pipe velocity",
  source: "Velocity in the pipe at downstream pressure against the usual design velocity",
  inputs: ["flow and pressures of the cases", "pipe bore", "house rules: velocities through an open valve"],
  unit: "m/s",
  appliesTo: "throttling",
  tight: "mild",
  measure: (c, { pipes }, { house, duty }) => {
    // Two-phase flow has a limit of its own.
    if (c.stream.kind === "two-phase") return null;
    const limit = c.stream.kind === "gas" ? house.openGasMS : house.openLiquidMS;
    const comparison = against(c.figures.pipeMS, limit, 0);
    return {
      ...comparison,
      verdict: comparison.verdict === "fails" ? "tight" : comparison.verdict,
      uses: [stated("bore of the pipe", pipes.pipeMm, duty.stated.pipeBoreMm, "mm")],
    };
  },
  otherwise: "No case states a flow.",
  says: {
    holds: "The velocity in the downstream pipe is within the usual design velocity.",
    tight:
      "The velocity in the downstream pipe exceeds the usual design velocity. The pipe takes pressure drop that the valve needs.",
    fails: "",
  },
  remedy: "Use a wider downstream pipe.",
});
