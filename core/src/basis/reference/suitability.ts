import { chemicalSuitability } from "./tables/chemical-suitability.ts";
import { metalSuitability } from "./tables/metal-suitability.ts";

/** A suitable, B with limits, C needs evidence, X unsuitable. */
export type Suitability = "A" | "B" | "C" | "X";

/** By family, then by material: it is read thousands of times a second. */
const ratings = new Map<string, Map<string, Suitability>>();
for (const table of [chemicalSuitability, metalSuitability]) {
  for (const row of table.rows) {
    const family = row[0] as string;
    const inFamily = ratings.get(family) ?? new Map<string, Suitability>();
    ratings.set(family, inFamily);
    table.columns.forEach((material, index) => {
      if (index > 0) inFamily.set(material, row[index] as Suitability);
    });
  }
}

/** Service families the suitability tables know. */
export const serviceFamilies: readonly string[] = chemicalSuitability.rows.map((row) => row[0] as string);

/** Metals the suitability table knows. */
export const metals: readonly string[] = metalSuitability.columns.slice(1);

/** Seat and seal ids that have another name in the suitability tables. */
export const listedAs: Readonly<Record<string, string>> = {
  "graphite-packing": "graphite",
  "graphite-gasket": "graphite",
  "ptfe-gasket": "ptfe",
  "rubber-epdm": "epdm",
  "rubber-nbr": "nbr",
  rtj: "austenitic 316",
  "metal-crc": "chromium carbide coating",
  "metal-wc": "tungsten carbide coating",
  "metal-stellite": "cobalt hardfacing",
};

/**
 * Suitability of a material in a service family.
 *
 * @param family service family, for example "amine solution"
 * @param material seat, seal or metal id
 * @returns A, B, C or X; null when family or material is not listed, which means *cannot tell*
 * @source reference/chemical-suitability.csv, reference/metal-suitability.csv (indicative, screening only)
 * @example suitability("ammonia", "fkm") // → "X"
 */
export function suitability(family: string, material: string): Suitability | null {
  return ratings.get(family)?.get(listedAs[material] ?? material) ?? null;
}
