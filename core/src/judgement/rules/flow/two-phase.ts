import { densityBehind } from "../../../mechanics/flow/figures.ts";
import { streamAt } from "../../../mechanics/flow/passing.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Two-phase flow: no standard sizes a valve for it, and droplets cause wear. */
export const twoPhase = flowRule({
  id: "flow/two-phase",
  asks: "Two-phase flow",
  source:
    "Erosional velocity: constant over the root of the mixture density downstream. Flow by the lower of a no-slip model and a separated model: an estimate, because IEC 60534 gives no method",
  inputs: ["flow and pressures of the cases", "vapour fraction", "fluid", "house rule: constant of erosion"],
  unit: "m/s",
  appliesTo: "both",
  fluid: "two-phase",
  notApplicableBecause: ({ cases }) =>
    cases.some(({ phase, kind }) => phase === "two-phase" && kind !== "fire")
      ? null
      : "No case has two phases.",
  measure: ({ stream, dropBar, figures }, _, { house }) => {
    const behind = streamAt(stream, 1, stream.upstreamBarA, stream.upstreamBarA - dropBar);
    const density = densityBehind(behind);
    const comparison = against(figures.outletMS, house.erosionConstant / Math.sqrt(density), 0);
    return {
      ...comparison,
      // However slow it is: opening, drop and coefficient are estimates.
      verdict: comparison.verdict === "fails" ? "fails" : "tight",
      ...(comparison.verdict === "fails" ? {} : { decides: "an estimate" }),
      uses: [used("mixture density downstream", density, "estimate", "kg/m³")],
    };
  },
  otherwise: "No two-phase case states a flow.",
  says: {
    holds: "",
    tight:
      "Travel and coefficient are estimates by the lower of two models. Noise is not predicted. Ask the maker to size the valve.",
    fails: "The mixture velocity downstream is high enough to erode pipe and body.",
  },
  remedy: "Get the maker's sizing. Use a larger outlet, or separate the phases upstream.",
});
