import { solenoidArrangements } from "../../../basis/vocabulary/utilities.ts";
import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";

export const solenoidsAsked: AssumedField<"solenoids", (typeof solenoidArrangements)[number] | null> = {
  path: "solenoids",
  label: "Solenoid valves",
  group: "drive",
  ...choice(solenoidArrangements),
  headings: ["solenoid valves", "solenoids", "sov arrangement"],
  settle: (duty) => duty.solenoids ?? "single",
};
