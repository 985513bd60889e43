import type { HouseRules } from "../../basis/house/house-rules.ts";

/** Abrasion figure from which a soft seat counts as tough, and a metal face as hard or as carbide. */
const toughFrom = 3;
export const hardFaceFrom = 3;
const carbideFrom = 4;

/**
 * Hard solids a metal face withstands.
 *
 * @param abrasionResistance 0 a soft metal, 3 cobalt hardfacing, 4 carbide
 * @param house limits
 * @returns %; carbide has no limit, a face that is not hard takes what a soft seat takes
 * @source house rules, indicative
 */
export function metalFacePercent(abrasionResistance: number, house: HouseRules): number {
  if (abrasionResistance >= carbideFrom) return 100;
  return abrasionResistance >= hardFaceFrom ? house.hardFaceSolidsPercent : house.softSeatSolidsPercent;
}

/**
 * Hard solids a soft seat withstands.
 *
 * @param abrasionResistance 0 virgin PTFE to 3 UHMWPE
 * @param house limits
 * @returns %
 * @source house rules, indicative
 */
export const softSeatPercent = (abrasionResistance: number, house: HouseRules): number =>
  abrasionResistance >= toughFrom ? house.toughSeatSolidsPercent : house.softSeatSolidsPercent;
