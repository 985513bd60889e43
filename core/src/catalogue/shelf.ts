import { type Drive, drivesOfFamily, kindOf } from "../drives/index.ts";
import { numbering } from "./identity.ts";
import type { Catalogue } from "./schema.ts";
import { type Valve, valvesOfSize } from "./valve.ts";

/** What candidates are made of. */
export interface Offer {
  readonly families: readonly {
    readonly id: string;
    /** Which operator of a duty asks for it. */
    readonly supply: "pneumatic" | "electric";
    readonly drives: readonly Drive[];
  }[];
  /** Valves a size may be served with; where a line does not offer it, the line's nearest size. */
  readonly valvesFor: (dn: number) => readonly Valve[];
}

/** A catalogue compiled once for fast proving. */
export interface Shelf extends Offer {
  readonly catalogue: Catalogue;
}

/**
 * Compiles a catalogue: drives at once, valves size by size when first asked for.
 *
 * @param catalogue a catalogue that passed its check
 * @returns the shelf the prover takes candidates from
 * @source the catalogue
 */
export function compileShelf(catalogue: Catalogue): Shelf {
  const number = numbering();
  const bySize = new Map<number, readonly Valve[]>();
  return {
    catalogue,
    families: catalogue.drives.map((family) => ({
      id: family.id,
      supply: kindOf(family).supply,
      drives: drivesOfFamily(family),
    })),
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
