import type { Field } from "../field.ts";
import { text } from "../holds.ts";

export const area: Field<"area", string | null> = {
  path: "area",
  label: "Hazardous area",
  group: "site",
  ...text(60),
  headings: ["hazardous area", "area class", "zone"],
  means: ["hazardous", "hazardous area", "hazardous class", "hazardous area class"],
};
