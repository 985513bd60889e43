import { number } from "./definition.ts";

/** What is asked of valves that protect people, and what their parts are taken to do. */
export const safety = {
  integrityFactor: number(
    "Least service factor, safety functions",
    "",
    1.5,
    [1, 3],
    "At the lowest supply; a valve that must move at the first call has not been moved for long.",
  ),
  finalElementPercent: number(
    "Share of the final element",
    "%",
    50,
    [10, 100],
    "Of the failure on demand a loop may have, what valve, drive and solenoid may use up.",
  ),
  valveDangerousPerHour: number(
    "Dangerous undetected failures, valve",
    "1e-9/h",
    600,
    [10, 10_000],
    "Indicative; take the rates of the maker's certificate or of the plant.",
  ),
  driveDangerousPerHour: number(
    "Dangerous undetected failures, drive with spring",
    "1e-9/h",
    300,
    [10, 10_000],
    "Indicative; take the rates of the maker's certificate or of the plant.",
  ),
  solenoidDangerousPerHour: number(
    "Dangerous undetected failures, solenoid",
    "1e-9/h",
    400,
    [10, 10_000],
    "Indicative; take the rates of the maker's certificate or of the plant.",
  ),
  solenoidTripsPerHour: number(
    "Trips by itself, solenoid",
    "1e-9/h",
    900,
    [10, 100_000],
    "Indicative; coils that burn and wires that break let go of a valve nobody asked to move.",
  ),
  strokesLeft: number(
    "Strokes from an accumulator",
    "",
    3,
    [1, 20],
    "Shut, open and shut again with the supply gone.",
  ),
  commonCausePercent: number(
    "Failures that strike several alike",
    "%",
    5,
    [1, 20],
    "Of two and three solenoid valves of one make on one air; indicative.",
  ),
  repairH: number(
    "Time until a trip is put right",
    "h",
    24,
    [1, 720],
    "Of one solenoid valve out of several that let go by itself.",
  ),
  partialStrokeFindsPercent: number(
    "Failures a partial stroke finds",
    "%",
    60,
    [10, 90],
    "At the most; the seat is not reached by it.",
  ),
} as const;
