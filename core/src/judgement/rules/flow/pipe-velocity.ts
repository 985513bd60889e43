import { against } from "../compare.ts";
import { stated } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether the pipe behind a valve that throttles is wide enough. */
export const pipeVelocity = flowRule({
  id: "flow/pipe-velocity",
  asks: "Pipe behind it is wide enough",
  source: "Continuity in the pipe at the pressure behind the valve, against what lines are laid out for",
  inputs: ["flow and pressures of the cases", "pipe bore", "house rules: velocities through an open valve"],
  unit: "m/s",
  of: "throttling",
  tight: "mild",
  measure: (c, { pipes }, { house, duty }) => {
    // Two phases at once have a limit of their own.
    if (c.stream.kind === "two-phase") return null;
    const limit = c.stream.kind === "gas" ? house.openGasMS : house.openLiquidMS;
    const of = against(c.figures.pipeMS, limit, 0);
    return {
      ...of,
      verdict: of.verdict === "fails" ? "tight" : of.verdict,
      uses: [stated("bore of the pipe", pipes.pipeMm, duty.stated.pipeBoreMm, "mm")],
    };
  },
  otherwise: "No case flows.",
  says: {
    holds: "The pipe is as wide as its flow asks for.",
    tight: "The pipe is narrower than its flow asks for: it takes the drop the valve should have.",
    fails: "",
  },
  remedy: "A wider pipe behind the valve.",
});
