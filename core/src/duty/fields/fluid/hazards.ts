import { type Hazard, hazards } from "../../words.ts";
import type { Field } from "../field.ts";
import { set } from "../holds.ts";

export const hazardsOfFluid: Field<"fluid.hazards", Hazard[] | null> = {
  path: "fluid.hazards",
  label: "Hazards of the fluid",
  short: "hazards",
  group: "fluid",
  ...set(hazards),
  headings: ["hazards", "hazard"],
  why: "Decide anti-static, stem seal, body joints and materials.",
  assumed: "those of substance and family, which count in any case",
  otherwise: (duty) => [{ ...duty, fluid: { ...duty.fluid, hazards: ["flammable", "toxic"] } }],
};
