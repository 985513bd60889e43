import { choice, number } from "./definition.ts";

/** Where one construction ends and the next begins. */
export const bodies = {
  largestFloatingDnClass150: number(
    "Largest floating ball, class 150",
    "DN",
    200,
    [0, 600],
    "Seat load grows with area. Above this size the ball weight and the torque need a trunnion.",
  ),
  largestFloatingDnClass300: number(
    "Largest floating ball, class 300",
    "DN",
    150,
    [0, 600],
    "As class 150, at the higher differential pressure.",
  ),
  largestFloatingDnClass600: number(
    "Largest floating ball, class 600",
    "DN",
    100,
    [0, 600],
    "As class 150, at the higher differential pressure.",
  ),
  largestFloatingDnAbove: number(
    "Largest floating ball, above class 600",
    "DN",
    40,
    [0, 600],
    "Small forged valves only.",
  ),
  stemSealSchool: choice(
    "Stem seal",
    ["either", "live-loaded", "adjustable gland"],
    "either",
    "Live-loaded: constant load without retightening. Adjustable gland: simpler and for higher temperature, but it must be retightened regularly.",
  ),
  ringJointFromClass: number(
    "Ring joints from class",
    "class",
    900,
    [300, 2500],
    "From this class up, raised faces need more bolt load than the flange can give.",
  ),
  softGasketToClass: number(
    "PTFE gaskets up to class",
    "class",
    300,
    [150, 900],
    "Above this class a PTFE gasket creeps. Use graphite or a ring joint.",
  ),
  largestThreadedDn: number(
    "Largest threaded end",
    "DN",
    50,
    [0, 100],
    "Threads leak under bending and vibration. Larger lines are welded or flanged.",
  ),
  bypassFromDn: number(
    "Equalising bypass from",
    "DN",
    200,
    [50, 1200],
    "Opening against a high differential pressure tears soft seats. Equalise first.",
  ),
  bypassFromBar: number(
    "Equalising bypass from differential",
    "bar",
    50,
    [5, 400],
    "As above, together with the size. In oxygen always.",
  ),
  lethalBodyJoints: number("Body joints in lethal service", "", 1, [0, 3], "Every joint can leak."),
  lowDifferentialBar: number(
    "Low differential below",
    "bar",
    2,
    [0, 20],
    "Below this value a floating ball seals by preload only. Hard seats can leak.",
  ),
  discClearanceMm: number(
    "Disc to pipe clearance",
    "mm",
    3,
    [0, 20],
    "A disc swings into the pipe. Wall thickness and lining reduce the space.",
  ),
} as const;
