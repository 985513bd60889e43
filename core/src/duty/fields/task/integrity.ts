import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { integrityLevels } from "../words.ts";

export const integrity: Field<"integrityLevel", (typeof integrityLevels)[number] | null> = {
  path: "integrityLevel",
  label: "Safety integrity level",
  group: "task",
  ...choice(integrityLevels),
  headings: ["integrity level", "sil", "sil level", "safety integrity level"],
  means: ["integrity"],
  written: {
    none: "no, n, -, not rated, sil 0, 0, a",
    "SIL 1": "1, sil1, sil-1",
    "SIL 2": "2, sil2, sil-2",
    "SIL 3": "3, sil3, sil-3",
  },
  why: "A safety function needs a higher torque margin, a spring-return actuator and proof tests.",
  assumed: "no requirement",
  otherwise: () => ["SIL 2"],
  raised: ({ function: functions }) => functions?.includes("emergency shut-down") ?? false,
};
