import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

export const proofTest: AssumedField<"proofTestMonths", number | null> = {
  path: "proofTestMonths",
  label: "Proof test interval, months",
  short: "proof test",
  group: "task",
  ...number("Proof test interval", [1, 240]),
  headings: ["proof test interval", "proof test", "test interval", "months between proof tests"],
  means: ["proof test"],
  why: "A hidden failure remains until the next proof test.",
  raised: ({ integrityLevel }) => integrityLevel !== null && integrityLevel !== "none",
  assumed: "60 months",
  settle: (duty) => duty.proofTestMonths ?? 60,
  otherwise: () => [12],
  moves: [1, 240],
};
