import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import { type Allowance, allowanceOf } from "../../../mechanics/shut-off/allowance.ts";

/** What a shut valve may let through on its test. */
export interface Allowed extends Allowance {
  /** Whether the duty asks for it, or the maker promises it. */
  readonly byDuty: boolean;
}

/**
 * What a valve may let through.
 *
 * @param valve size and what its maker promises with the seat
 * @param duty settled duty: the rate or class asked for, where one is
 * @param house what picks the trim a class goes by
 * @returns what is asked, else promised, in ml/min of liquid and of gas; null where neither is
 * @source `allowanceOf`: a test figure, not one of service
 */
export function allowedThrough(valve: Valve, duty: SettledDuty, house: HouseRules): Allowed | null {
  const { shutOff } = duty.stated;
  const promise = shutOff ?? valve.seat.offer.shutOff;
  return promise && { ...allowanceOf(promise, valve, duty, house), byDuty: shutOff !== null };
}

/**
 * A measured leak against what is allowed.
 *
 * @param measuredMlMin ml/min
 * @param allowedMlMin ml/min
 * @returns how many times what is allowed it is; infinite where nothing is
 * @source ratio
 * @example timesAllowed(6, 3) // → 2
 */
export const timesAllowed = (measuredMlMin: number, allowedMlMin: number): number =>
  measuredMlMin === 0 ? 0 : measuredMlMin / allowedMlMin;
