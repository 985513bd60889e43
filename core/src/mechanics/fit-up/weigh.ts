import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { DriveOutside } from "../../construction/ends/forms.ts";
import type { Screws } from "./screws.ts";

export const gravity = 9.80665;

/** Direction of the stem. */
export type StemStands = "upright" | "horizontal" | "hanging";

/** Load on the mounting pad of a valve, and its limit. */
export interface Moment {
  readonly momentNm: number;
  readonly limitNm: number;
}

/**
 * The share of gravity that pulls across a stem.
 *
 * @param stands direction of the stem; null where not stated: it counts as horizontal, which is the worst
 * @param house acceleration across the stem
 * @returns 1 and the acceleration lying, the acceleration alone upright or hanging
 */
export const acrossTheStem = (
  stands: StemStands | null,
  { shockShare }: Pick<HouseRules, "shockShare">,
): number => (stands === null || stands === "horizontal" ? 1 : 0) + shockShare;

/**
 * Moment of the mounted parts about the face of the pad.
 *
 * @param weights weight and outline of the actuator, weight and height of the parts between, kg and mm; screws of the
 *   pad; direction of the stem, null where not stated
 * @param house acceleration across the stem, share of the grip that may be used
 * @returns moment and limit, N·m; a horizontal stem carries the weight itself besides the acceleration
 * @source statics: M = Σ m·g·h·(1 + a) lying, Σ m·g·h·a upright or hanging; a ring of screws opens at n·F·PCD/4
 */
export function momentOn(
  weights: {
    readonly driveKg: number;
    readonly outside: DriveOutside;
    readonly betweenKg: number;
    readonly riseMm: number;
    readonly screws: Screws;
    readonly stands: StemStands | null;
  },
  house: HouseRules,
): Moment {
  const armed =
    weights.driveKg * (weights.riseMm + weights.outside.centreMm) + (weights.betweenKg * weights.riseMm) / 2;
  const share = acrossTheStem(weights.stands, house);
  return {
    momentNm: (armed / 1000) * gravity * share,
    limitNm: (house.neckSharePercent / 100) * weights.screws.opensAtNm,
  };
}
