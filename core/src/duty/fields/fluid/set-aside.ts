import type { Field } from "../field.ts";
import { set } from "../holds.ts";
import { type Hazard, hazards } from "../words.ts";

export const hazardsSetAside: Field<"fluid.setAside", Hazard[] | null> = {
  path: "fluid.setAside",
  label: "Hazards set aside",
  group: "fluid",
  ...set(hazards),
  headings: ["hazards set aside"],
};
