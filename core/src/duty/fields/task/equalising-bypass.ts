import type { Field } from "../field.ts";
import { yesNo } from "../holds.ts";

export const equalisingBypass: Field<"equalisingBypass", boolean | null> = {
  path: "equalisingBypass",
  label: "Equalising bypass",
  short: "bypass fitted",
  group: "task",
  ...yesNo(),
  headings: ["equalising bypass", "bypass"],
  means: ["bypass"],
};
