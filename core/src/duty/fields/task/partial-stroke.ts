import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

export const partialStroke: AssumedField<"partialStrokeMonths", number | null> = {
  path: "partialStrokeMonths",
  label: "Partial-stroke interval, months",
  short: "partial stroke",
  group: "task",
  ...number("Partial-stroke interval", [0, 120]),
  headings: [
    "partial stroke interval",
    "partial stroke",
    "pst",
    "partial stroke test",
    "months between partial strokes",
  ],
  means: ["partial stroke"],
  raised: ({ integrityLevel }) => integrityLevel !== null && integrityLevel !== "none",
  assumed: "never",
  settle: (duty) => duty.partialStrokeMonths ?? 0,
  otherwise: () => [3],
};
