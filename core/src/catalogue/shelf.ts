import { type Drive, drivesOfFamily } from "./drive.ts";
import type { Catalogue } from "./schema.ts";
import { numbering, type Valve, valvesOfSize } from "./valve.ts";

/** A catalogue compiled once for fast proving. */
export interface Shelf {
  readonly catalogue: Catalogue;
  readonly families: readonly { readonly id: string; readonly drives: readonly Drive[] }[];
  /** Valves a size may be served with; where a line does not offer it, the line's nearest size. */
  readonly valvesFor: (dn: number) => readonly Valve[];
}

/**
 * Compiles a catalogue: drives at once, valves size by size when first asked for.
 *
 * @param catalogue a catalogue that passed its check
 * @returns the shelf the prover takes candidates from
 * @throws never for a checked catalogue
 * @source the catalogue
 * @example compileShelf(catalogue).valvesFor(50).length
 */
export function compileShelf(catalogue: Catalogue): Shelf {
  const number = numbering();
  const bySize = new Map<number, readonly Valve[]>();
  return {
    catalogue,
    families: catalogue.drives.map((family) => ({ id: family.id, drives: drivesOfFamily(family) })),
    valvesFor(dn) {
      let valves = bySize.get(dn);
      if (!valves) {
        valves = catalogue.lines.flatMap((line) => {
          const nearest = line.sizes.reduce((best, size) =>
            Math.abs(size.dn - dn) < Math.abs(best.dn - dn) ? size : best,
          ).dn;
          return line.sizes
            .filter((size) => size.dn === nearest)
            .flatMap((size) => valvesOfSize(line, size, number));
        });
        bySize.set(dn, valves);
      }
      return valves;
    },
  };
}
