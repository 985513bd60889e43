import type { Field } from "../field.ts";
import { text } from "../limits.ts";

export const caseName: Field<"cases.name", string> = {
  path: "cases.name",
  label: "Case",
  group: "case",
  holds: { kind: "text", most: 60 },
  schema: text(60).min(1, "A case needs a name."),
  headings: ["case", "case name", "operating case"],
  means: ["case"],
};
