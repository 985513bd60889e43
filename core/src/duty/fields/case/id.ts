import type { Field } from "../field.ts";
import { text } from "../limits.ts";

export const caseId: Field<"cases.id", string> = {
  path: "cases.id",
  label: "Case id",
  group: "case",
  holds: { kind: "text", most: 40 },
  schema: text(40).min(1, "A case needs an id."),
  headings: ["case id"],
};
