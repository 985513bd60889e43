import { number } from "./definition.ts";

/** What a workshop may leave in a valve. */
export const shop = {
  wornOffMm: number(
    "Worn off a stem or a ball before it is renewed",
    "mm",
    0.15,
    [0.01, 2],
    "On the diameter; a maker's own limit stands before it.",
  ),
  tighteningPasses: number(
    "Passes in which a joint is tightened",
    "",
    3,
    [2, 6],
    "A third, two thirds, all of the torque, crosswise; then once round.",
  ),
} as const;
