import { choice, number } from "./definition.ts";

/** Which margin counts as close to a limit. */
export const margins = {
  pressureMargin: number(
    "Pressure margin",
    "%",
    10,
    [0, 50],
    "With a smaller margin a finding is tight: gauge errors, relief settings and later uprating use it up.",
  ),
  torqueMargin: number(
    "Torque margin",
    "%",
    10,
    [0, 100],
    "In addition to the service factor. With a smaller margin an actuator is tight.",
  ),
  temperatureMarginC: number(
    "Temperature margin",
    "K",
    10,
    [0, 100],
    "Distance to the limit of a seal or grade. With a smaller distance a finding is tight.",
  ),
  seatHeadroomC: number(
    "Seat temperature margin",
    "K",
    20,
    [0, 100],
    "A seat is not used up to its rated temperature, because sustained load deforms it.",
  ),
  limitedSuitability: choice(
    "Suitable with limits counts as",
    ["tight", "fails"],
    "tight",
    "Grade B in the suitability tables: usable within limits that the table does not state.",
  ),
  seriousTightPercent: number(
    "Weight of a serious tight",
    "%",
    1000,
    [0, 10_000],
    "Ranking adds this share of the price for each serious tight: close to a limit of safety or containment.",
  ),
  mildTightPercent: number(
    "Weight of a mild tight",
    "%",
    10,
    [0, 10_000],
    "Ranking adds this share of the price for each mild tight: an unstated limit, more care, or an extra item on the order.",
  ),
} as const;
