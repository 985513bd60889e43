import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { DriveOutside } from "../../construction/ends/forms.ts";
import type { Screws } from "./screws.ts";

export const gravity = 9.80665;

/** How the stem stands. */
export type StemStands = "upright" | "horizontal" | "hanging";

/** What hangs on the pad of a valve, and what the pad may carry of it. */
export interface Moment {
  readonly momentNm: number;
  readonly limitNm: number;
}

/**
 * The share of gravity that pulls across a stem.
 *
 * @param stands how the stem stands; null where it is not stated: it is taken to lie, nothing pulls harder
 * @param house acceleration across the stem
 * @returns 1 and the acceleration lying, the acceleration alone upright or hanging
 */
export const acrossTheStem = (
  stands: StemStands | null,
  { shockShare }: Pick<HouseRules, "shockShare">,
): number => (stands === null || stands === "horizontal" ? 1 : 0) + shockShare;

/**
 * The moment of what is bolted on about the face of the pad.
 *
 * @param of weight and outside of the drive, weight and height of what stands between, kg and mm; screws of the pad;
 *   how the stem stands, null where it is not stated
 * @param house acceleration across the stem, share of the grip that may be used
 * @returns moment and what is allowed, N·m; a stem that lies bears the weight itself besides the acceleration
 * @source statics: M = Σ m·g·h·(1 + a) lying, Σ m·g·h·a upright or hanging; a ring of screws opens at n·F·PCD/4
 */
export function momentOn(
  of: {
    readonly driveKg: number;
    readonly outside: DriveOutside;
    readonly betweenKg: number;
    readonly riseMm: number;
    readonly screws: Screws;
    readonly stands: StemStands | null;
  },
  house: HouseRules,
): Moment {
  const armed = of.driveKg * (of.riseMm + of.outside.centreMm) + (of.betweenKg * of.riseMm) / 2;
  const share = acrossTheStem(of.stands, house);
  return {
    momentNm: (armed / 1000) * gravity * share,
    limitNm: (house.neckSharePercent / 100) * of.screws.opensAtNm,
  };
}
