import { choice, number } from "./definition.ts";

/** How drives get their air. */
export const air = {
  springSideAir: choice(
    "Spring chamber breathes",
    ["clean air from the drive", "plant air"],
    "clean air from the drive",
    "A 5/2 valve, or exhaust routed into the spring chamber, keeps salt and dust off the springs. A 3/2 valve with a breather is simpler.",
  ),
  solenoidCv: number(
    "Solenoid valve, Cv",
    "",
    0.9,
    [0.05, 20],
    "Quarter-inch valve, direct acting or pilot operated.",
  ),
  regulatorCv: number("Filter-regulator, Cv", "", 1.4, [0.05, 20], "First component in the air line."),
  quickExhaustCv: number(
    "Quick exhaust, Cv",
    "",
    2.4,
    [0.1, 50],
    "At the actuator port: air exhausts there instead of through the tubing.",
  ),
  boosterCv: number(
    "Volume booster, Cv",
    "",
    6,
    [0.1, 100],
    "At the actuator port, with its own supply line; filling and exhaust.",
  ),
  airTubeBoreMm: number(
    "Tubing bore",
    "mm",
    8,
    [2, 50],
    "Inside diameter. A smaller bore or a longer tube is slower.",
  ),
  airTubeLengthM: number(
    "Tubing length",
    "m",
    2,
    [0, 200],
    "From the solenoid valve to the actuator; zero if mounted on the actuator.",
  ),
  deadVolumePercent: number(
    "Dead volume of an actuator",
    "%",
    15,
    [1, 100],
    "Share of the swept volume: caps, ports and tubing.",
  ),
  makersTimePercent: number(
    "Scatter of the maker's stroking time",
    "%",
    20,
    [0, 100],
    "Slower at the lowest supply and under load, faster without load. Both count against the valve.",
  ),
  oxygenOpensS: number(
    "Shortest opening, oxygen",
    "s",
    10,
    [1, 600],
    "Fast compression heats the gas and parts downstream. Local codes and the oxygen supplier can require more.",
  ),
  soundSpeedMS: number(
    "Speed of a pressure wave in liquid",
    "m/s",
    1200,
    [300, 1500],
    "In a steel pipe. Gas in the liquid lowers it, but do not rely on this.",
  ),
} as const;
