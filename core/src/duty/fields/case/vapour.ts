import type { Field } from "../field.ts";
import { number } from "../holds.ts";

/** Share of vapour where a case has two phases. */
export const vapour: Field<"cases.vapourPercent", number | null> = {
  path: "cases.vapourPercent",
  label: "Vapour fraction (case), mass %",
  short: "vapour",
  group: "case",
  ...number("Vapour fraction", [0, 100], "%"),
  headings: ["case vapour", "vapour, mass %", "vapour fraction", "vapour mass %", "case vapour, mass %"],
};
