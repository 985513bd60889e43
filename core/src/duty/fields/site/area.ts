import type { Field } from "../field.ts";
import { text } from "../holds.ts";

export const area: Field<"area", string | null> = {
  path: "area",
  label: "Hazardous area",
  group: "site",
  ...text(60),
  headings: ["hazardous area", "area class", "zone"],
  why: "Decides which electrical equipment is permitted.",
  raised: ({ operator }) => operator === "electric",
  assumed: "nothing: findings on motors cannot tell without it",
  otherwise: () => ["zone 1 IIB T3"],
  means: ["hazardous", "hazardous area", "hazardous class", "hazardous area class"],
};
