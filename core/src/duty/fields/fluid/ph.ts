import type { Field } from "../field.ts";
import { number } from "../holds.ts";
import { isSaltWater } from "./chlorides.ts";

/** If not stated, the water counts as neutral. */
export const ph: Field<"fluid.ph", number | null> = {
  path: "fluid.ph",
  label: "Acidity (pH)",
  group: "fluid",
  ...number("Acidity (pH)", [0, 14], ""),
  headings: ["acidity (ph)", "ph", "ph value"],
  why: "Acid water lowers the chloride content that a metal resists.",
  assumed: "neutral",
  raised: isSaltWater,
  otherwise: () => [4],
};
