import { familiesIn } from "../families-in.ts";
import type { Field } from "../field.ts";
import { number } from "../holds.ts";

/** If not stated, each metal is judged at the strength it resists least. */
export const caustic: Field<"fluid.causticPercent", number | null> = {
  path: "fluid.causticPercent",
  label: "Caustic strength",
  group: "fluid",
  ...number("Caustic strength", [0, 75], "%"),
  headings: ["caustic strength", "caustic, %", "caustic concentration", "naoh"],
  means: ["caustic"],
  why: "Caustic cracks carbon steel and austenitic steel. The stronger the caustic, the lower the temperature limit.",
  assumed: "the worst strength for each metal",
  raised: ({ fluid }) => familiesIn(fluid).includes("caustic"),
  otherwise: () => [10],
  moves: [0, 75],
};
