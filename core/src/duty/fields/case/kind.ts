import { z } from "zod";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { type CaseKind, caseKinds } from "../words.ts";

export const caseKind: Field<"cases.kind", CaseKind> = {
  path: "cases.kind",
  label: "Case kind",
  short: "kind",
  group: "case",
  ...choice(caseKinds),
  schema: z.enum(caseKinds),
  headings: ["case kind", "case type", "kind"],
  means: ["case kind"],
};
