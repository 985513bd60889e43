import type { AssumedField } from "../field.ts";
import { quantity } from "../holds.ts";

export const lagging: AssumedField<"laggingMm", number | null, number | null> = {
  path: "laggingMm",
  label: "Thickness of lagging",
  group: "site",
  ...quantity("length", "Thickness of lagging", [0, 500], "mm"),
  headings: ["insulation thickness", "lagging", "lagging thickness"],
  settle: (duty) => duty.laggingMm,
  moves: [0, 300],
};
