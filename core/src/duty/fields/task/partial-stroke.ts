import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

export const partialStroke: AssumedField<"partialStrokeMonths", number | null> = {
  path: "partialStrokeMonths",
  label: "Months between partial strokes",
  short: "partial stroke",
  group: "task",
  ...number("Months between partial strokes", [0, 120]),
  headings: ["partial stroke interval", "partial stroke", "pst", "partial stroke test"],
  means: ["partial stroke"],
  raised: ({ integrityLevel }) => integrityLevel !== null && integrityLevel !== "none",
  assumed: "never",
  settle: (duty) => duty.partialStrokeMonths ?? 0,
  otherwise: () => [3],
};
