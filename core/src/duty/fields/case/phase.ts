import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { phases } from "../words.ts";

/** Phase in this case where it differs from the fluid's. */
export const casePhase: Field<"cases.phase", (typeof phases)[number] | null> = {
  path: "cases.phase",
  label: "Case phase",
  short: "phase",
  group: "case",
  ...choice(phases),
  headings: ["case phase"],
};
