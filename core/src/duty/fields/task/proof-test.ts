import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

export const proofTest: AssumedField<"proofTestMonths", number | null> = {
  path: "proofTestMonths",
  label: "Months between proof tests",
  short: "proof test",
  group: "task",
  ...number("Months between proof tests", [1, 240]),
  headings: ["proof test interval", "proof test", "test interval"],
  means: ["proof test"],
  why: "What fails unseen stays failed until it is tested.",
  raised: ({ integrityLevel }) => integrityLevel !== null && integrityLevel !== "none",
  assumed: "60 months",
  settle: (duty) => duty.proofTestMonths ?? 60,
  otherwise: () => [12],
  moves: [1, 240],
};
