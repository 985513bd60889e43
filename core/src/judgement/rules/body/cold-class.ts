import type { Designation } from "../../../basis/reference/pressure-temperature.ts";

/**
 * Class of about the same cold rating, so that house borders in class can be read for PN.
 *
 * @param designation class or PN
 * @returns class number; a PN is read at seven and a half times its number
 * @source cold ratings of carbon steel: class 150 about 20 bar, PN 20 not listed; nearest, never equal
 * @example coldClass({ system: "PN", number: 40 }) // → 300
 */
export function coldClass(designation: Designation): number {
  return designation.system === "PN" ? designation.number * 7.5 : designation.number;
}
