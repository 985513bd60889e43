import { number } from "./definition.ts";

/** Demands on safety valves and assumptions on their parts. */
export const safety = {
  integrityFactor: number(
    "Least service factor, safety functions",
    "",
    1.5,
    [1, 3],
    "At the lowest supply. A safety valve must move on first demand after a long time without movement.",
  ),
  finalElementPercent: number(
    "Share of the final element",
    "%",
    50,
    [10, 100],
    "Share of the permitted failure on demand for valve, actuator and solenoid valve.",
  ),
  valveDangerousPerHour: number(
    "Dangerous undetected failures, valve",
    "1e-9/h",
    600,
    [10, 10_000],
    "Indicative. Use the rates of the maker's certificate or of the plant.",
  ),
  driveDangerousPerHour: number(
    "Dangerous undetected failures, spring-return actuator",
    "1e-9/h",
    300,
    [10, 10_000],
    "Indicative. Use the rates of the maker's certificate or of the plant.",
  ),
  solenoidDangerousPerHour: number(
    "Dangerous undetected failures, solenoid",
    "1e-9/h",
    400,
    [10, 10_000],
    "Indicative. Use the rates of the maker's certificate or of the plant.",
  ),
  solenoidTripsPerHour: number(
    "Spurious trips, solenoid",
    "1e-9/h",
    900,
    [10, 100_000],
    "Indicative. A burnt coil or a broken wire trips the valve without demand.",
  ),
  strokesLeft: number(
    "Strokes from an accumulator",
    "",
    3,
    [1, 20],
    "For example close, open and close after loss of supply.",
  ),
  commonCausePercent: number(
    "Common cause failures",
    "%",
    5,
    [1, 20],
    "Two or three solenoid valves of one make on one air supply; indicative.",
  ),
  repairH: number(
    "Time to restore after a trip",
    "h",
    24,
    [1, 720],
    "For one of several solenoid valves that tripped.",
  ),
  partialStrokeFindsPercent: number(
    "Coverage of a partial-stroke test",
    "%",
    60,
    [10, 90],
    "At most. A partial stroke does not test the seat.",
  ),
} as const;
