import type { AssumedField } from "../field.ts";
import { yesNo } from "../holds.ts";

export const solidsHard: AssumedField<"fluid.solidsHard", boolean | null> = {
  path: "fluid.solidsHard",
  label: "Hard solids",
  group: "fluid",
  ...yesNo(),
  headings: ["hard solids"],
  means: ["solids hard"],
  settle: ({ fluid }) => fluid.solidsHard ?? true,
};
