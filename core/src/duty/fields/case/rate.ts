import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const rate: Field<"cases.rate", number | null> = {
  path: "cases.rate",
  label: "Case flow",
  short: "flow",
  group: "case",
  ...number("Flow", [0, 1e9]),
  headings: ["case flow rate", "flow rate", "flow", "rate"],
  means: ["flow", "flow rate", "rate"],
};
