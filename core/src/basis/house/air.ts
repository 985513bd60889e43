import { choice, number } from "./definition.ts";

/** How drives get their air. */
export const air = {
  springSideAir: choice(
    "Spring side of a drive breathes",
    ["clean air from the drive", "plant air"],
    "clean air from the drive",
    "A 5/2 valve, or the exhaust led back, keeps salt and dust off the springs; a 3/2 valve with a breather is simpler.",
  ),
  solenoidCv: number("Solenoid valve, Cv", "", 0.9, [0.05, 20], "A quarter-inch valve; direct or piloted."),
  regulatorCv: number("Filter-regulator, Cv", "", 1.4, [0.05, 20], "Before everything else."),
  quickExhaustCv: number(
    "Quick exhaust, Cv",
    "",
    2.4,
    [0.1, 50],
    "At the drive's own port: air leaves there and not through the tube.",
  ),
  boosterCv: number(
    "Volume booster, Cv",
    "",
    6,
    [0.1, 100],
    "At the drive's own port, fed by its own line; in and out.",
  ),
  airTubeBoreMm: number(
    "Bore of tubing",
    "mm",
    8,
    [2, 50],
    "Inside; a thinner one is slower and a longer one too.",
  ),
  airTubeLengthM: number(
    "Length of tubing",
    "m",
    2,
    [0, 200],
    "From the solenoid valve to the drive; one that hangs on the drive has none.",
  ),
  deadVolumePercent: number(
    "Volume a drive never empties",
    "%",
    15,
    [1, 100],
    "Of what it sweeps: caps, ports and tube.",
  ),
  makersTimePercent: number(
    "Scatter of a maker's stroke time",
    "%",
    20,
    [0, 100],
    "Slower at the lowest supply and under load, faster without; counted against the valve both ways.",
  ),
  oxygenOpensS: number(
    "Shortest opening, oxygen",
    "s",
    10,
    [1, 600],
    "Gas that is compressed at once heats what it meets; local codes and the oxygen supplier may ask for more.",
  ),
  soundSpeedMS: number(
    "Speed of a pressure wave in liquid",
    "m/s",
    1200,
    [300, 1500],
    "In a steel pipe; less with gas in it, which is no help.",
  ),
} as const;
