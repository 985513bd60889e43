import { against } from "../compare.ts";
import { stated } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Erosion by what the stream carries. */
export const solidsVelocity = flowRule({
  id: "flow/solids-velocity",
  asks: "Erosion by solids",
  source: "Velocity in the outlet of a stream that carries solids against the house's limit",
  inputs: ["flow of the cases", "solids", "house rule: velocity with solids"],
  unit: "m/s",
  of: "both",
  unraised: ({ stated: { fluid } }) =>
    (fluid.solidsPercent ?? 0) > 0
      ? fluid.solidsHard === false
        ? "What it carries is soft."
        : null
      : "It carries no solids.",
  measure: (c, { trim }, { house, duty }) => {
    const of = against(c.figures.outletMS, house.solidsMS, 0);
    const { solidsPercent, solidsHard } = duty.stated.fluid;
    return {
      ...of,
      verdict: of.verdict === "fails" && trim.trim.hardFaced ? "tight" : of.verdict,
      uses: [
        stated("solids", solidsPercent ?? 0, solidsPercent, "%"),
        stated("hard", solidsHard ?? true, solidsHard),
      ],
    };
  },
  otherwise: "No case flows.",
  says: {
    holds: "What it carries is slow enough to wear little.",
    tight: "What it carries wears the trim; it is hard-faced.",
    fails: "What it carries is fast enough to cut trim and body.",
  },
  remedy: "A larger valve and pipe, or a hard-faced trim.",
});
