import { controlSignals } from "../../../basis/vocabulary/utilities.ts";
import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";

export const controlSignal: AssumedField<"controlSignal", (typeof controlSignals)[number] | null> = {
  path: "controlSignal",
  label: "Control signal",
  group: "drive",
  ...choice(controlSignals),
  headings: ["control signal", "positioner signal", "input signal"],
  written: { "4–20 mA": "4-20ma, 4-20 ma, 4…20 ma", "digital bus": "fieldbus, bus" },
  settle: (duty, house) => duty.controlSignal ?? house.assumedControlSignal,
};
