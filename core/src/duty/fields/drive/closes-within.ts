import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const closesWithin: Field<"closesWithinS", number | null> = {
  path: "closesWithinS",
  label: "Closes within",
  group: "drive",
  ...number("Closes within", [0.1, 3600], "s"),
  headings: ["closing time", "closes within", "maximum closing time"],
  moves: [0.1, 600],
};
