import type { AssumedField } from "../field.ts";
import { yesNo } from "../holds.ts";

export const inLineRepair: AssumedField<"inLineRepair", boolean | null> = {
  path: "inLineRepair",
  label: "In-line repair",
  group: "task",
  ...yesNo(),
  takenAsNone: { belongsTo: "task", mightBe: true },
  headings: ["in-line repair", "inline repair"],
  means: ["repair", "line repair"],
  settle: (duty) => duty.inLineRepair ?? false,
};
