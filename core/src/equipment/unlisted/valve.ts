import { constructions } from "../../construction/bodies/constructions.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { type Valve, valvesOfSize } from "../catalogue/valve.ts";
import { lineByConstruction } from "./line.ts";
import { usualBolting } from "./materials.ts";

/**
 * Finds a valve of `byConstruction` again by its key.
 *
 * @param key key of the valve
 * @param duty duty it was built for: size and line class must be the same
 * @returns the valve, or null where the key is of no construction or the duty has moved on
 * @source byConstruction
 * @example valveByConstruction("no such key", emptyDuty) // → null
 */
export function valveByConstruction(key: string, duty: Duty): Valve | null {
  if (duty.dn === null || duty.lineDesignation === null) return null;
  for (const construction of constructions)
    for (const bolting of usualBolting) {
      const id = `by-construction-${construction.id}-${bolting}`;
      if (!key.startsWith(`${id}|`)) continue;
      const line = lineByConstruction(construction, duty.dn, duty.lineDesignation, bolting);
      if (line === null) return null;
      const named = { ...line, id };
      return valvesOfSize(named, named.sizes[0]!).find((v) => v.key === key) ?? null;
    }
  return null;
}

/**
 * Whether a valve is one that nobody offers.
 *
 * @param key key of a valve or a candidate
 * @returns true for valves of `byConstruction`
 * @source byConstruction
 * @example isByConstruction("fennimoor-trunnion|50") // → false
 */
export function isByConstruction(key: string): boolean {
  return key.startsWith("by-construction-");
}
