import { number } from "./definition.ts";

/** Where stem and drive must stand away from the line's cold or heat. */
export const temperatures = {
  extendedBelowC: number(
    "Extended bonnet below",
    "°C",
    -50,
    [-100, 0],
    "Packing and drive must stand clear of the frost (ISO 28921-1, BS 6364).",
  ),
  standOffAboveC: number(
    "Stand-off or extension above",
    "°C",
    200,
    [80, 400],
    "A bracket keeps the line's heat off packing, hand and drive.",
  ),
  heatToDrivePercent: number(
    "Heat that reaches a drive",
    "%",
    15,
    [0, 60],
    "Share of the line's excess over ambient that a drive on the bare pad takes up.",
  ),
  heatPastExtensionPercent: number(
    "Heat that reaches a drive past an extension",
    "%",
    5,
    [0, 60],
    "As above, behind an extended stem.",
  ),
} as const;
