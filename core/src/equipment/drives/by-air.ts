/** Common parts of actuators on air. */
import type { NamedSupply, Supplies, SupplyEnd } from "./kind.ts";

const ends = {
  lowest: { what: "lowest air supply", path: "airMinimumBarG" },
  highest: { what: "highest air supply", path: "airMaximumBarG" },
} as const;

/**
 * Air at one end of the duty's supply range.
 *
 * @param supplies of the duty
 * @param end lowest or highest
 * @returns bar g
 */
export const airAt = (supplies: Supplies, end: SupplyEnd): number => supplies[ends[end].path];

/**
 * Air as a finding names it.
 *
 * @param supplies of the duty
 * @param end lowest or highest
 * @returns pressure in bar g, and whether it was entered
 */
export function suppliedWithAir(supplies: Supplies, end: SupplyEnd): NamedSupply {
  const { what, path } = ends[end];
  const origin = supplies.stated[path] === null ? "assumed" : "entered";
  return { what, value: supplies[path], unit: "bar g", origin };
}

/**
 * Rated air pressure of a family, and the air pressure of a duty.
 *
 * @param family with its rating, bar g
 * @param supplies of the duty
 * @returns both, bar g
 */
export const airRating = (
  { maximumAirBarG }: { readonly maximumAirBarG: number },
  { airMaximumBarG }: Supplies,
) => ({ ratedBarG: maximumAirBarG, broughtBarG: airMaximumBarG });
