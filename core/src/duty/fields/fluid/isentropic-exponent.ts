import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const isentropicExponent: Field<"fluid.isentropicExponent", number | null> = {
  path: "fluid.isentropicExponent",
  label: "k",
  group: "fluid",
  ...number("k", [1, 2]),
  headings: ["k", "isentropic exponent"],
  means: ["isentropic"],
};
