import { coilVoltages, controlSignals, motorSupplies } from "../vocabulary/utilities.ts";
import { choice, number } from "./definition.ts";

/** Values assumed while the duty states none. */
export const assumptions = {
  assumedAirMinimumBarG: number(
    "Assumed lowest air supply",
    "bar g",
    4,
    [2, 8],
    "Used only if the duty does not state it. Low on purpose.",
  ),
  assumedAirMaximumBarG: number(
    "Assumed highest air supply",
    "bar g",
    8,
    [3, 16],
    "Used only if the duty does not state it. High on purpose.",
  ),
  assumedOilMinimumBarG: number(
    "Assumed lowest oil supply",
    "bar g",
    100,
    [10, 400],
    "Used only if the duty does not state it. Low on purpose.",
  ),
  assumedOilMaximumBarG: number(
    "Assumed highest oil supply",
    "bar g",
    210,
    [10, 700],
    "Used only if the duty does not state it. High on purpose.",
  ),
  assumedLowestVoltagePercent: number(
    "Assumed lowest voltage",
    "%",
    90,
    [50, 100],
    "Used only if the duty does not state it. A motor far from its switchboard gets less.",
  ),
  assumedMotorSupply: choice(
    "Assumed motor supply",
    motorSupplies,
    "400 V 3~",
    "Used only if the duty does not state it.",
  ),
  assumedCoilVoltage: choice(
    "Assumed solenoid valve voltage",
    coilVoltages,
    "24 V DC",
    "Used only if the duty does not state it.",
  ),
  assumedControlSignal: choice(
    "Assumed control signal",
    controlSignals,
    "4–20 mA",
    "Used only if the duty does not state it.",
  ),
  assumedLongestShutDays: number(
    "Assumed longest time closed",
    "days",
    90,
    [0, 3650],
    "Used only if the duty does not state it.",
  ),
  assumedAmbientMaximumC: number(
    "Assumed highest ambient",
    "°C",
    40,
    [0, 60],
    "Used only if the duty does not state it.",
  ),
} as const;
