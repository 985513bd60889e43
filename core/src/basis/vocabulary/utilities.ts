/** Supply of a motor: voltage and phases. */
export const motorSupplies = ["24 V DC", "110 V 1~", "230 V 1~", "400 V 3~", "480 V 3~", "690 V 3~"] as const;
/** Supply of the coil of a solenoid valve. */
export const coilVoltages = ["24 V DC", "48 V DC", "110 V DC", "110 V AC", "230 V AC"] as const;
/** Signal to a positioner. */
export const controlSignals = ["4–20 mA", "0.2–1 bar", "digital bus"] as const;
/** How solenoid valves are arranged: how many of how many must trip for the actuator to act. */
export const solenoidArrangements = ["single", "1oo2", "2oo2", "2oo3"] as const;
export type SolenoidArrangement = (typeof solenoidArrangements)[number];
