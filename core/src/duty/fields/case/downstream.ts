import type { Field } from "../field.ts";
import { pressure } from "../holds.ts";

export const downstream: Field<"cases.downstreamBarG", number | null> = {
  path: "cases.downstreamBarG",
  label: "Downstream",
  group: "case",
  ...pressure(),
  headings: ["downstream", "downstream pressure", "p2", "outlet pressure"],
  means: ["downstream pressure", "downstream"],
};
