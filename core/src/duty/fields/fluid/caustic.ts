import type { Field } from "../field.ts";
import { number } from "../holds.ts";

/** Not stated, each metal is judged at the strength it stands least. */
export const caustic: Field<"fluid.causticPercent", number | null> = {
  path: "fluid.causticPercent",
  label: "Caustic strength",
  group: "fluid",
  ...number("Caustic strength", [0, 75], "%"),
  headings: ["caustic strength", "caustic, %", "caustic concentration", "naoh"],
  means: ["caustic"],
  why: "Caustic cracks carbon steel and austenitic steel, the cooler the stronger it is.",
  assumed: "the strength each metal stands least",
  raised: ({ fluid }) => fluid.family === "caustic",
  otherwise: () => [10],
  moves: [0, 75],
};
