import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

export const strokes: AssumedField<"strokesPerYear", number | null> = {
  path: "strokesPerYear",
  label: "Strokes per year",
  short: "strokes",
  group: "task",
  ...number("Strokes per year", [0, 10_000_000], "per year"),
  headings: ["strokes a year", "strokes", "cycles per year", "strokes per year"],
  means: ["cycles", "cycles year"],
  settle: (duty) => duty.strokesPerYear ?? 12,
  moves: [0, 10_000_000],
};
