import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const compressibility: Field<"fluid.compressibility", number | null> = {
  path: "fluid.compressibility",
  label: "Z",
  group: "fluid",
  ...number("Z", [0.05, 5]),
  headings: ["z", "compressibility"],
  means: ["compressibility"],
};
