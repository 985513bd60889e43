import type { AssumedField } from "../field.ts";
import { yesNo } from "../holds.ts";

export const freeWater: AssumedField<"fluid.freeWater", boolean | null> = {
  path: "fluid.freeWater",
  label: "Free water",
  group: "fluid",
  ...yesNo(),
  headings: ["free water", "wet"],
  means: ["free water"],
  settle: ({ fluid }) => fluid.freeWater ?? true,
};
