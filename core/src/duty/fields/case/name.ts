import type { Field } from "../field.ts";
import { text } from "../limits.ts";

export const caseName: Field<"cases.name", string> = {
  path: "cases.name",
  label: "Case",
  group: "case",
  holds: { kind: "text", most: 60 },
  // A case without a name is given one by its kind when the duty is read.
  schema: text(60).min(1, "A case needs a name.").default(""),
  headings: ["case", "case name", "operating case"],
  means: ["case"],
};
