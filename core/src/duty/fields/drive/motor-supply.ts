import { motorSupplies } from "../../../basis/vocabulary/utilities.ts";
import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";

export const motorSupply: AssumedField<"motorSupply", (typeof motorSupplies)[number] | null> = {
  path: "motorSupply",
  label: "Motor supply",
  short: "motor supply",
  group: "drive",
  ...choice(motorSupplies),
  headings: ["supply of the motor", "motor supply", "motor voltage"],
  written: {
    "24 V DC": "24vdc, 24 vdc",
    "400 V 3~": "400/3/50, 400v/3ph, 400 v 3ph",
    "480 V 3~": "480/3/60, 480v/3ph, 480 v 3ph",
    "690 V 3~": "690/3/50, 690v/3ph, 690 v 3ph",
  },
  why: "A motor is wound for one voltage and number of phases.",
  raised: ({ operator }) => operator === "electric",
  settle: (duty, house) => duty.motorSupply ?? house.assumedMotorSupply,
  otherwise: () => ["230 V 1~"],
};
