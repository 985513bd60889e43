import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

export const pipeBore: Field<"pipeBoreMm", number | null> = {
  path: "pipeBoreMm",
  label: "Pipe bore",
  group: "line",
  ...quantity("length", "Pipe bore", [1, 3000], "mm"),
  headings: ["pipe bore", "pipe bore, mm", "bore of pipe"],
  means: ["pipe bore"],
};
