import { number } from "./definition.ts";

/** What a workshop may leave in a valve. */
export const shop = {
  wornOffMm: number(
    "Permitted wear of stem or ball",
    "mm",
    0.15,
    [0.01, 2],
    "On the diameter. If the maker states a limit, use the maker's limit.",
  ),
  tighteningPasses: number(
    "Tightening passes of a joint",
    "",
    3,
    [2, 6],
    "One third, two thirds and full torque, crosswise. Then once round at full torque.",
  ),
} as const;
