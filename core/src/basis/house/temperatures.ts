import { number } from "./definition.ts";

/** Where stem and actuator must stand clear of the line's cold or heat. */
export const temperatures = {
  extendedBelowC: number(
    "Extended bonnet below",
    "°C",
    -50,
    [-100, 0],
    "Packing and actuator must stay free of ice (ISO 28921-1, BS 6364).",
  ),
  standOffAboveC: number(
    "Stand-off or extension above",
    "°C",
    200,
    [80, 400],
    "A bracket protects packing, hand and actuator from the heat of the line.",
  ),
  heatToDrivePercent: number(
    "Line heat at the actuator",
    "%",
    15,
    [0, 60],
    "Share of the temperature difference between line and ambient at an actuator on the bare pad.",
  ),
  heatPastExtensionPercent: number(
    "Line heat at the actuator, with extension",
    "%",
    5,
    [0, 60],
    "As above, with an extended stem.",
  ),
  heatToFittingsPercent: number(
    "Of the heat at the actuator, at its accessories",
    "%",
    33,
    [0, 100],
    "Positioner, solenoid valves and switches are mounted further from the line than the actuator's flange.",
  ),
} as const;
