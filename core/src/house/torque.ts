import { choice, number } from "./definition.ts";

/** What a drive is sized for. */
export const torque = {
  serviceFactor: number(
    "Service factor",
    "",
    1.2,
    [1, 2],
    "Scatter of friction between one valve and the next of the same kind.",
  ),
  emergencyIncrement: number(
    "Increment, emergency valves",
    "",
    0.3,
    [0, 1],
    "An emergency valve must move at the first call; with the base it gives at least 1.5.",
  ),
  throttlingIncrement: number("Increment, throttling", "", 0.1, [0, 1], "Stick and slip at small movements."),
  dryGasIncrement: number("Increment, dry gas", "", 0.1, [0, 1], "Nothing wets the seat; friction rises."),
  solidsIncrement: number(
    "Increment, solids",
    "",
    0.3,
    [0, 1],
    "Grit under seats and in bearings is turned with the ball.",
  ),
  seldomIncrement: number(
    "Increment, seldom moved",
    "",
    0.1,
    [0, 1],
    "Fewer than two strokes a year let deposits build.",
  ),
  coldIncrement: number(
    "Increment, cold",
    "",
    0.1,
    [0, 1],
    "Plastics and greases stiffen, and clearances close.",
  ),
  coldBelowC: number("Cold, below", "°C", -46, [-200, 0], "Where usual seats and packings begin to stiffen."),
  heatIncrement: number(
    "Increment, heat",
    "",
    0.1,
    [0, 1],
    "Seats swell against the ball, and metals grow at their own rates.",
  ),
  heatAboveC: number("Heat, above", "°C", 200, [50, 600], "Where soft seats swell and metal seats run dry."),
  settingIncrement: number(
    "Increment, fluid that sets",
    "",
    0.3,
    [0, 1],
    "What polymerises or crystallises glues closure to seat.",
  ),
  torqueDisagreementPercent: number(
    "Table below mechanics by",
    "%",
    15,
    [0, 80],
    "Friction scatters; a table much below what dimensions make was measured wet, new or not at all.",
  ),
  springScatterPercent: number(
    "Scatter of springs",
    "%",
    5,
    [0, 30],
    "Makers wind to a tolerance, and springs lose some of their force.",
  ),
  sizingBasis: choice(
    "Differential for sizing",
    ["actual", "rated"],
    "actual",
    "Actual: the worst shut differential, the far side vented unless a shut-off differential states it. Rated: the highest the maker tabulates, as price books do; larger drives.",
  ),
} as const;
