import type { Field } from "../field.ts";
import { pressure } from "../holds.ts";

export const upstream: Field<"cases.upstreamBarG", number | null> = {
  path: "cases.upstreamBarG",
  label: "Upstream",
  group: "case",
  ...pressure(),
  headings: ["upstream", "upstream pressure", "p1", "inlet pressure", "pressure"],
  means: ["pressure", "upstream pressure", "upstream", "line pressure"],
};
