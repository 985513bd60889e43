import { densityBehind } from "../../../mechanics/flow/figures.ts";
import { streamAt } from "../../../mechanics/flow/passing.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Two phases at once: no standard sizes a valve for them, and what carries drops wears. */
export const twoPhase = flowRule({
  id: "flow/two-phase",
  asks: "Two phases at once",
  source:
    "Erosional velocity, constant over √density of both behind the valve; flow by the lesser of two models, as one without slip and side by side: an estimate, for IEC 60534 gives none",
  inputs: ["flow and pressures of the cases", "share of vapour", "fluid", "house rule: constant of erosion"],
  unit: "m/s",
  of: "both",
  fluid: "two-phase",
  unraised: ({ cases }) =>
    cases.some(({ phase, kind }) => phase === "two-phase" && kind !== "fire")
      ? null
      : "One phase flows at a time.",
  measure: ({ stream, dropBar, figures }, _, { house }) => {
    const behind = streamAt(stream, 1, stream.upstreamBarA, stream.upstreamBarA - dropBar);
    const density = densityBehind(behind);
    const of = against(figures.outletMS, house.erosionConstant / Math.sqrt(density), 0);
    return {
      ...of,
      // However slow it is: opening, drop and coefficient are estimates.
      verdict: of.verdict === "fails" ? "fails" : "tight",
      ...(of.verdict === "fails" ? {} : { decides: "an estimate" }),
      uses: [used("density of both behind it", density, "estimate", "kg/m³")],
    };
  },
  otherwise: "No case of two phases flows.",
  says: {
    holds: "",
    tight:
      "Opening and coefficient are estimates by the lesser of two models; noise is not predicted. Have the maker size it.",
    fails: "What carries drops is fast enough behind the valve to wear pipe and body.",
  },
  remedy: "The maker's own sizing; a larger outlet, or the phases parted before the valve.",
});
