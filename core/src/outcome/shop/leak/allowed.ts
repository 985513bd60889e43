import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import { type Allowance, allowanceOf } from "../../../mechanics/shut-off/allowance.ts";

/** Allowed leakage of a shut valve in its test. */
export interface Allowed extends Allowance {
  /** Whether the duty asks for it, or the maker promises it. */
  readonly byDuty: boolean;
}

/**
 * Allowed leakage of a valve.
 *
 * @param valve size, and its maker's promise with the seat
 * @param duty settled duty: the rate or class asked for, if any
 * @param house rules for selecting the trim that a class refers to
 * @returns the rate asked for, else the promised one, in ml/min of liquid and of gas; null where there is neither
 * @source `allowanceOf`: a test figure, not one of service
 */
export function allowedThrough(valve: Valve, duty: SettledDuty, house: HouseRules): Allowed | null {
  const { shutOff } = duty.stated;
  const promise = shutOff ?? valve.seat.offer.shutOff;
  return promise && { ...allowanceOf(promise, valve, duty, house), byDuty: shutOff !== null };
}

/**
 * Compares a measured leak with the allowance.
 *
 * @param measuredMlMin ml/min
 * @param allowedMlMin ml/min
 * @returns multiple of the allowance; infinite where nothing is allowed
 * @source ratio
 * @example timesAllowed(6, 3) // → 2
 */
export const timesAllowed = (measuredMlMin: number, allowedMlMin: number): number =>
  measuredMlMin === 0 ? 0 : measuredMlMin / allowedMlMin;
