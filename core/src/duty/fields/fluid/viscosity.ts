import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

export const viscosity: Field<"fluid.viscosityMPaS", number | null> = {
  path: "fluid.viscosityMPaS",
  label: "Viscosity",
  group: "fluid",
  ...quantity("viscosity", "Viscosity", [0, 1e7], "mPa·s"),
  headings: ["viscosity", "viscosity, mpa·s", "viscosity cp"],
  means: ["viscosity", "fluid viscosity"],
};
