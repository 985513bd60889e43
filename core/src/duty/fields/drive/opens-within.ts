import type { Field } from "../field.ts";
import { number } from "../holds.ts";

export const opensWithin: Field<"opensWithinS", number | null> = {
  path: "opensWithinS",
  label: "Opens within",
  group: "drive",
  ...number("Opens within", [0.1, 3600], "s"),
  headings: ["opening time", "opens within", "maximum opening time"],
  moves: [0.1, 600],
};
