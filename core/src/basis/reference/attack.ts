import { onPoints } from "./interpolate.ts";
import { records } from "./table.ts";
import { causticCracking } from "./tables/caustic-cracking.ts";
import { hydrogenAttack } from "./tables/hydrogen-attack.ts";

const hydrogen = new Map<string, { bar: number[]; limitC: number[] }>();
for (const row of records<{ metal: string; hydrogen_bar: number; limit_c: number }>(hydrogenAttack)) {
  const curve = hydrogen.get(row.metal) ?? { bar: [], limitC: [] };
  hydrogen.set(row.metal, curve);
  curve.bar.push(row.hydrogen_bar);
  curve.limitC.push(row.limit_c);
}

/**
 * Temperature limit of a steel in hot hydrogen.
 *
 * @param metal as the metal tables know it
 * @param hydrogenBarA partial pressure of hydrogen, bar a
 * @returns °C; null for a metal that hydrogen does not attack. Outside the table its end value
 * @source API RP 941, indicative
 * @example hydrogenLimitC("carbon steel", 14) // → 250
 */
export function hydrogenLimitC(metal: string, hydrogenBarA: number): number | null {
  const curve = hydrogen.get(metal);
  return curve === undefined ? null : onPoints(curve.bar, curve.limitC, hydrogenBarA);
}

const caustic = records<{ caustic_percent: number; untreated_to_c: number }>(causticCracking);
const strengths = caustic.map((row) => row.caustic_percent);
const untreatedToC = caustic.map((row) => row.untreated_to_c);

/**
 * Temperature limit of carbon steel without heat treatment in caustic.
 *
 * @param percent strength of the caustic; null where it is not stated: the strongest of the table
 * @returns °C
 * @source practice (indicative)
 * @example causticLimitC(30) // → 57
 */
export function causticLimitC(percent: number | null): number {
  return onPoints(strengths, untreatedToC, percent ?? strengths.at(-1)!);
}
