import type { Construction } from "../../construction/bodies/construction.ts";
import type { AccessoryFamily } from "../accessories/kinds.ts";
import { drivesOfFamily, kindOf } from "../drives/drive-kinds.ts";
import type { AnyFamily, Drive } from "../drives/kind.ts";
import type { SupplyKind } from "../drives/supplies.ts";
import { numbering } from "./identity.ts";
import type { Catalogue, ProductLine, ProductSize } from "./schema.ts";
import { type Valve, valvesOfSize } from "./valve.ts";

/** Parts of candidates. */
export interface Offer {
  readonly families: readonly {
    readonly id: string;
    readonly family: AnyFamily;
    /** Which operator of a duty asks for it. */
    readonly supply: SupplyKind;
    readonly turns: Construction["stroke"];
    readonly drives: readonly Drive[];
  }[];
  /** Accessories for actuators. */
  readonly accessories: readonly AccessoryFamily[];
  /** Valves a size may be served with; where a line does not offer it, the line's nearest size. */
  readonly valvesFor: (dn: number) => readonly Valve[];
}

/** Every valve of a line at one size, by its picks, the last pick changing fastest. */
export interface OfferedSize {
  readonly line: ProductLine;
  readonly size: ProductSize;
  readonly valves: readonly Valve[];
}

/** A catalogue compiled once for fast proving. */
export interface Shelf extends Offer {
  readonly catalogue: Catalogue;
  /** Sizes of all lines for one nominal size, each with its valves. */
  readonly sizesFor: (dn: number) => readonly OfferedSize[];
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
  const bySize = new Map<number, readonly OfferedSize[]>();
  const valvesBySize = new Map<number, readonly Valve[]>();
  const sizesFor = (dn: number) => {
    const known = bySize.get(dn);
    if (known) return known;
    const sizes = catalogue.lines.flatMap((line) => {
      const nearest = line.sizes.reduce((best, size) =>
        Math.abs(size.dn - dn) < Math.abs(best.dn - dn) ? size : best,
      ).dn;
      return line.sizes
        .filter((size) => size.dn === nearest)
        .map((size) => ({ line, size, valves: valvesOfSize(line, size, number) }));
    });
    bySize.set(dn, sizes);
    return sizes;
  };
  return {
    catalogue,
    accessories: catalogue.accessories,
    families: catalogue.drives.map((family) => ({
      id: family.id,
      family,
      supply: kindOf(family).supply,
      turns: kindOf(family).turns ?? "quarter turn",
      drives: drivesOfFamily(family),
    })),
    sizesFor,
    valvesFor(dn) {
      const known = valvesBySize.get(dn);
      if (known) return known;
      const valves = sizesFor(dn).flatMap((size) => size.valves);
      valvesBySize.set(dn, valves);
      return valves;
    },
  };
}
