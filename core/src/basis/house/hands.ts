import { number } from "./definition.ts";

/** Limits of manual operation. */
export const hands = {
  handForceN: number(
    "Sustained hand force",
    "N",
    360,
    [100, 600],
    "At the end of a lever or the rim of a handwheel, over the full travel.",
  ),
  hardestPullN: number(
    "Highest hand force",
    "N",
    800,
    [200, 2000],
    "A strong person using body weight. Stem and gearbox must withstand it.",
  ),
  longestLeverMm: number(
    "Longest lever",
    "mm",
    750,
    [200, 1500],
    "A longer lever reaches into neighbouring equipment and the walkway.",
  ),
  mostWheelTurns: number(
    "Highest number of handwheel turns",
    "",
    150,
    [20, 1000],
    "Above it the valve cannot be closed quickly by hand.",
  ),
  touchC: number(
    "Highest temperature to touch",
    "°C",
    60,
    [40, 80],
    "Bare metal gripped for some seconds. Local rules can require less.",
  ),
} as const;
