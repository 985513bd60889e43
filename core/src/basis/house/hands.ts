import { number } from "./definition.ts";

/** What a hand does, and what it should not be asked for. */
export const hands = {
  handForceN: number(
    "Force a hand keeps up",
    "N",
    360,
    [100, 600],
    "At the end of a lever or the rim of a wheel, over a whole stroke.",
  ),
  hardestPullN: number(
    "Force a hand can give when it must",
    "N",
    800,
    [200, 2000],
    "A strong person with their weight behind it: stem and gearbox must stand it.",
  ),
  longestLeverMm: number(
    "Longest lever",
    "mm",
    750,
    [200, 1500],
    "A longer one reaches into its neighbours and into the walkway.",
  ),
  mostWheelTurns: number(
    "Most turns of a handwheel",
    "",
    150,
    [20, 1000],
    "Beyond it nobody shuts the valve quickly when it matters.",
  ),
  touchC: number(
    "Hottest a hand may touch",
    "°C",
    60,
    [40, 80],
    "Bare metal gripped for some seconds; local rules may ask for less.",
  ),
} as const;
