import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

/** A spring alone gives one stroke; an actuator without springs stays in position unless its air is stored. */
export const strokesInReserve: AssumedField<"strokesInReserve", number | null> = {
  path: "strokesInReserve",
  label: "Strokes after loss of supply",
  short: "strokes in reserve",
  group: "drive",
  ...number("Strokes after loss of supply", [0, 20]),
  headings: ["strokes with the supply gone", "strokes in reserve"],
  assumed: "none",
  settle: (duty) => duty.strokesInReserve ?? 0,
};
