import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";

export const gap: Field<"gapMm", number | null> = {
  path: "gapMm",
  label: "Gap to fill (face to face)",
  group: "line",
  ...quantity("length", "Gap to fill", [10, 10_000], "mm"),
  headings: ["existing face to face", "gap", "gap face to face", "gap to fill, face to face"],
  moves: [10, 10_000],
};
