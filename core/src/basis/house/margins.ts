import { choice, number } from "./definition.ts";

/** What counts as close to a limit. */
export const margins = {
  pressureMargin: number(
    "Pressure margin wanted",
    "%",
    10,
    [0, 50],
    "Below it a limit that holds is called tight: gauges, relief settings and later uprating eat it first.",
  ),
  torqueMargin: number(
    "Torque margin wanted",
    "%",
    10,
    [0, 100],
    "Over and above the service factor; below it a drive that holds is called tight.",
  ),
  temperatureMarginC: number(
    "Temperature margin wanted",
    "K",
    10,
    [0, 100],
    "Distance to a seal's or a grade's limit below which it is called tight.",
  ),
  seatHeadroomC: number(
    "Seat headroom",
    "K",
    20,
    [0, 100],
    "A seat rated to a temperature is not chosen to sit there: sustained load flows it out.",
  ),
  limitedSuitability: choice(
    "Suitable with limits counts as",
    ["tight", "fails"],
    "tight",
    "B in the suitability tables: usable inside limits the table does not state.",
  ),
  seriousTightPercent: number(
    "A serious tight weighs",
    "%",
    1000,
    [0, 10_000],
    "What one would pay to be rid of it, as a share of the price: close to a limit of safety or containment.",
  ),
  mildTightPercent: number(
    "A mild tight weighs",
    "%",
    10,
    [0, 10_000],
    "As above: a limit nobody states, more care, or an extra on the order.",
  ),
} as const;
