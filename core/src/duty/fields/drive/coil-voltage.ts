import { coilVoltages } from "../../../basis/vocabulary/utilities.ts";
import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";

export const coilVoltage: AssumedField<"coilVoltage", (typeof coilVoltages)[number] | null> = {
  path: "coilVoltage",
  label: "Solenoid valve voltage",
  short: "coil voltage",
  group: "drive",
  ...choice(coilVoltages),
  headings: ["voltage of solenoid valves", "coil voltage", "solenoid voltage", "sov voltage"],
  written: { "24 V DC": "24vdc, 24 vdc", "110 V AC": "110vac, 110 vac", "230 V AC": "230vac, 230 vac" },
  settle: (duty, house) => duty.coilVoltage ?? house.assumedCoilVoltage,
};
