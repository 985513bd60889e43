import { number } from "./definition.ts";

/** What is asked of motors. */
export const motors = {
  onOffDutyPercent: number(
    "Time a motor runs, open and shut",
    "%",
    30,
    [1, 100],
    "Of the time, as its duty class counts it.",
  ),
  modulatingDutyPercent: number(
    "Time a motor runs, throttling",
    "%",
    75,
    [1, 100],
    "Of the time, as its duty class counts it; a loop that hunts runs it all day.",
  ),
  throttlingStartsPerHour: number(
    "Starts of a motor that throttles",
    "1/h",
    600,
    [1, 3600],
    "At the least, whatever the strokes a year: each correction is a start.",
  ),
} as const;
