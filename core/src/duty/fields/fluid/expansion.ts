import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const expansion: Field<"fluid.expansionPerK", number | null> = {
  path: "fluid.expansionPerK",
  label: "Thermal expansion per K",
  short: "expansion per K",
  group: "fluid",
  ...number("Thermal expansion", [0.00001, 0.1]),
  headings: ["thermal expansion per k", "thermal expansion", "thermal expansion, 1/k"],
};
