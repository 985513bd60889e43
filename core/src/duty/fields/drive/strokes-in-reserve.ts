import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

/** A spring is one stroke by itself; a drive without one stays where it is unless its air is kept. */
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
