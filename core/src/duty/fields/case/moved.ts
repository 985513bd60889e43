import type { Field } from "../field.ts";
import { yesNo } from "../holds.ts";

/** Not stated counts as moved, and where dry ice forms as unknown. */
export const moved: Field<"cases.moved", boolean | null> = {
  path: "cases.moved",
  label: "Valve is moved",
  short: "moved",
  group: "case",
  ...yesNo(),
  headings: ["valve is moved", "moved in this case", "valve moved"],
};
