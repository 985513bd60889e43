import type { Field } from "../field.ts";
import { yesNo } from "../holds.ts";

export const handOverrideAsked: Field<"handOverride", boolean | null> = {
  path: "handOverride",
  label: "Manual override",
  group: "drive",
  ...yesNo(),
  headings: ["hand override", "manual override"],
};
