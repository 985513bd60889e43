import { serviceFamilies } from "../../../basis/reference/suitability.ts";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";

export const serviceFamily: Field<"fluid.family", string | null> = {
  path: "fluid.family",
  label: "Service family",
  short: "family",
  group: "fluid",
  ...choice(serviceFamilies),
  headings: ["service family", "fluid family", "family"],
  means: ["fluid family", "family", "service family"],
  why: "Decides whether seat, seals and metals are suitable for the fluid.",
  mustBeKnown: true,
  raised: ({ fluid }) => fluid.substance === null,
};
