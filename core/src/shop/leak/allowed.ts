import { leakAllowance } from "../../calc/leak-allowance.ts";
import type { Valve } from "../../catalogue/valve.ts";
import type { SettledDuty } from "../../duty/settle.ts";

/** What a shut valve may let through on its test. */
export interface Allowed {
  readonly rate: string;
  /** Whether the duty asks for the rate, or the maker promises it. */
  readonly asked: boolean;
  readonly liquidMlMin: number;
  readonly gasMlMin: number;
}

/**
 * What a valve may let through.
 *
 * @param valve size and what its maker promises with the seat
 * @param duty settled duty: the rate asked for, where one is
 * @returns the rate and what it is in ml/min, of liquid and of gas
 * @source `leak-allowance`, ISO 5208 (indicative): a test figure, not one of service
 */
export function allowedThrough({ seat, size }: Valve, { stated }: SettledDuty): Allowed {
  const rate = stated.shutOff ?? seat.shutOff;
  const of = (medium: "liquid" | "gas") =>
    leakAllowance({ standard: "ISO 5208", rate: rate as "A", medium, dn: size.dn }).mlPerMin;
  return { rate, asked: stated.shutOff !== null, liquidMlMin: of("liquid"), gasMlMin: of("gas") };
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
