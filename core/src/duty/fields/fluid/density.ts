import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

export const density: Field<"fluid.densityKgM3", number | null> = {
  path: "fluid.densityKgM3",
  label: "Density",
  group: "fluid",
  ...quantity("density", "Density", [0, 25_000], "kg/m³"),
  headings: ["density", "density, kg/m³", "density kg/m3"],
  means: ["density", "density flow", "fluid density"],
};
