import type { Field } from "../field.ts";
import { yesNo } from "../holds.ts";

export const fibres: Field<"fluid.fibres", boolean | null> = {
  path: "fluid.fibres",
  label: "Fibres",
  group: "fluid",
  ...yesNo(),
  takenAsNone: { belongsTo: "fluid", mightBe: true },
  headings: ["fibres", "fibers"],
  means: ["fibres"],
};
