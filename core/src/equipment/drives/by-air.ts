/** What drives that run on air have in common. */
import type { NamedSupply, Supplies, SupplyEnd } from "./kind.ts";

const ends = {
  lowest: { what: "lowest air supply", path: "airMinimumBarG" },
  highest: { what: "highest air supply", path: "airMaximumBarG" },
} as const;

/**
 * Air at an end of what a duty brings.
 *
 * @param supplies what the duty brings
 * @param end lowest or highest
 * @returns bar g
 */
export const airAt = (supplies: Supplies, end: SupplyEnd): number => supplies[ends[end].path];

/**
 * Air as a finding names it.
 *
 * @param supplies what the duty brings
 * @param end lowest or highest
 * @returns pressure in bar g, and whether it was entered
 */
export function suppliedWithAir(supplies: Supplies, end: SupplyEnd): NamedSupply {
  const { what, path } = ends[end];
  const origin = supplies.stated[path] === null ? "assumed" : "entered";
  return { what, value: supplies[path], unit: "bar g", origin };
}

/**
 * The pressure a family that runs on air is rated to, and what a duty brings.
 *
 * @param family with its rating, bar g
 * @param supplies what the duty brings
 * @returns both, bar g
 */
export const airRating = (
  { maximumAirBarG }: { readonly maximumAirBarG: number },
  { airMaximumBarG }: Supplies,
) => ({ ratedBarG: maximumAirBarG, broughtBarG: airMaximumBarG });
