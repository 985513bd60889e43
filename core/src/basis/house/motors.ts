import { number } from "./definition.ts";

/** Demands on motors. */
export const motors = {
  onOffDutyPercent: number(
    "Motor running share, on–off",
    "%",
    30,
    [1, 100],
    "Share of the time as defined by the duty class.",
  ),
  modulatingDutyPercent: number(
    "Motor running share, throttling",
    "%",
    75,
    [1, 100],
    "Share of the time as defined by the duty class. A hunting loop runs the motor all day.",
  ),
  loopStartsPercent: number(
    "Average starts in a control loop, of the peak",
    "%",
    10,
    [1, 100],
    "A loop seldom hunts at its peak. The average over the year counts for the life of a motor.",
  ),
  throttlingStartsPerHour: number(
    "Starts per hour of a throttling motor",
    "1/h",
    600,
    [1, 3600],
    "At least this number, whatever the strokes per year: each correction is a start.",
  ),
} as const;
