import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

export const vapourPressure: Field<"fluid.vapourPressureBarA", number | null> = {
  path: "fluid.vapourPressureBarA",
  label: "Vapour pressure",
  group: "fluid",
  ...quantity("vapour pressure", "Vapour pressure", [0, 1000], "bar a"),
  headings: ["vapour pressure", "vapour pressure, bar a", "vapor pressure"],
  means: ["vapour pressure", "~vapour"],
};
