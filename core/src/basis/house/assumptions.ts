import { coilVoltages, controlSignals, motorSupplies } from "../vocabulary/utilities.ts";
import { choice, number } from "./definition.ts";

/** What is taken while the duty does not say. */
export const assumptions = {
  assumedAirMinimumBarG: number(
    "Assumed lowest air supply",
    "bar g",
    4,
    [2, 8],
    "Used only where the duty does not say; low on purpose.",
  ),
  assumedAirMaximumBarG: number(
    "Assumed highest air supply",
    "bar g",
    8,
    [3, 16],
    "Used only where the duty does not say; high on purpose.",
  ),
  assumedOilMinimumBarG: number(
    "Assumed lowest oil supply",
    "bar g",
    100,
    [10, 400],
    "Used only where the duty does not say; low on purpose.",
  ),
  assumedOilMaximumBarG: number(
    "Assumed highest oil supply",
    "bar g",
    210,
    [10, 700],
    "Used only where the duty does not say; high on purpose.",
  ),
  assumedLowestVoltagePercent: number(
    "Assumed lowest voltage",
    "%",
    90,
    [50, 100],
    "Used only where the duty does not say; a motor far from its board sees less.",
  ),
  assumedMotorSupply: choice(
    "Assumed supply of motors",
    motorSupplies,
    "400 V 3~",
    "Used only where the duty does not say.",
  ),
  assumedCoilVoltage: choice(
    "Assumed voltage of solenoid valves",
    coilVoltages,
    "24 V DC",
    "Used only where the duty does not say.",
  ),
  assumedControlSignal: choice(
    "Assumed control signal",
    controlSignals,
    "4–20 mA",
    "Used only where the duty does not say.",
  ),
  assumedLongestShutDays: number(
    "Assumed longest shut",
    "days",
    90,
    [0, 3650],
    "Used only where the duty does not say.",
  ),
  assumedAmbientMaximumC: number(
    "Assumed highest ambient",
    "°C",
    40,
    [0, 60],
    "Used only where the duty does not say.",
  ),
} as const;
