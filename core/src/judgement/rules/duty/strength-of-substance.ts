import { solutionIn } from "../../../duty/fields/solution-in.ts";
import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

/** Percentage points by which a stated strength may differ from the one the name stands for. */
const allowedPoints = 2;

export const strengthOfSubstance = dutyRule({
  id: "duty/strength-of-substance",
  asks: "Strength of the substance",
  source: "Strength that the name of the substance stands for. Materials are judged at both (indicative)",
  inputs: ["substance", "strength of the solution"],
  notApplicableBecause: ({ stated: { fluid } }) =>
    (solutionIn(fluid)?.namedPercent ?? null) === null || fluid.strengthPercent === null
      ? "The duty does not state both a strength and a substance of known strength."
      : null,
  examine: ({ duty: { stated, substance } }) => {
    const named = solutionIn(stated.fluid)!.namedPercent!;
    const entered = stated.fluid.strengthPercent!;
    return fits(
      Math.abs(entered - named) <= allowedPoints,
      {
        holds: "The stated strength agrees with the substance.",
        fails:
          "The stated strength contradicts the substance. Materials are judged at both, and the worse result counts.",
      },
      {
        value: entered,
        limit: named,
        unit: "%",
        remedy: "Correct the strength, or choose the substance of other strength.",
        uses: [
          used("strength of the solution", entered, "entered", "%"),
          used("substance", substance!.name, "entered"),
        ],
      },
      "tight",
    );
  },
});
