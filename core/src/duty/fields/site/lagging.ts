import type { AssumedField } from "../field.ts";
import { quantity } from "../holds.ts";

export const lagging: AssumedField<"laggingMm", number | null, number | null> = {
  path: "laggingMm",
  label: "Lagging thickness",
  group: "site",
  ...quantity("length", "Lagging thickness", [0, 500], "mm"),
  headings: ["insulation thickness", "lagging", "lagging thickness", "thickness of lagging"],
  settle: (duty) => duty.laggingMm,
  moves: [0, 300],
};
