import { against } from "../compare.ts";
import { stated } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Erosion by solids in the stream. */
export const solidsVelocity = flowRule({
  id: "flow/solids-velocity",
  asks: "Erosion by solids",
  source: "Outlet velocity of a fluid with solids; limit by house rule",
  inputs: ["flow of the cases", "solids", "house rule: velocity with solids"],
  unit: "m/s",
  appliesTo: "both",
  notApplicableBecause: ({ stated: { fluid } }) =>
    (fluid.solidsPercent ?? 0) > 0
      ? fluid.solidsHard === false
        ? "The solids are soft."
        : null
      : "The fluid carries no solids.",
  measure: (c, { trim }, { house, duty }) => {
    const comparison = against(c.figures.outletMS, house.solidsMS, 0);
    const { solidsPercent, solidsHard } = duty.stated.fluid;
    return {
      ...comparison,
      verdict: comparison.verdict === "fails" && trim.trim.hardFaced ? "tight" : comparison.verdict,
      uses: [
        stated("solids", solidsPercent ?? 0, solidsPercent, "%"),
        stated("hard", solidsHard ?? true, solidsHard),
      ],
    };
  },
  otherwise: "No case states a flow.",
  says: {
    holds: "The velocity is low enough for little wear.",
    tight: "The solids wear the trim, which is hard-faced.",
    fails: "The solids are fast enough to erode trim and body.",
  },
  remedy: "Use a larger valve and pipe, or a hard-faced trim.",
});
