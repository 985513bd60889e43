import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const bulkCompressibility: Field<"fluid.compressibilityPerBar", number | null> = {
  path: "fluid.compressibilityPerBar",
  label: "Liquid compressibility per bar",
  short: "compressibility per bar",
  group: "fluid",
  ...number("Compressibility of the liquid", [0.000001, 0.1]),
  headings: [
    "liquid compressibility per bar",
    "compressibility of the liquid",
    "liquid compressibility, 1/bar",
  ],
};
