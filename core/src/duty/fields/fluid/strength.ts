import { dependsOnStrength } from "../../../basis/reference/corrosion.ts";
import type { Field } from "../field.ts";
import { number } from "../holds.ts";
import { solutionIn } from "../solution-in.ts";

/** If not stated, each material is judged at every strength. */
export const strength: Field<"fluid.strengthPercent", number | null> = {
  path: "fluid.strengthPercent",
  label: "Strength of the solution",
  short: "strength",
  group: "fluid",
  ...number("Strength of the solution", [0, 100], "%"),
  headings: [
    "strength of the solution",
    "strength",
    "solution strength",
    "acid strength",
    "acid concentration",
    "concentration",
    "caustic strength",
    "caustic, %",
    "caustic concentration",
    "naoh",
  ],
  means: ["caustic"],
  why: "Acids, caustic, bleach and peroxide attack a material at one strength and leave it alone at another.",
  assumed: "every strength, unless the name of the substance states one",
  raised: ({ fluid }) => {
    const named = solutionIn(fluid);
    return named !== null && named.namedPercent === null && dependsOnStrength(named.solution);
  },
  otherwise: () => [10, 50, 90],
  moves: [0, 100],
};
