import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { kindOf } from "../drives/drive-kinds.ts";
import type { Drive } from "../drives/kind.ts";
import type { SupplyKind } from "../drives/supplies.ts";
import type { AccessoryKind, AnyAccessories, AnyItem, Around, Refusal } from "./kind.ts";
import { type AccessoryFamily, type AccessoryName, accessoryKinds, type ItemOf } from "./kinds.ts";
import { refusedBySite } from "./on-site.ts";
import type { Stock } from "./stock.ts";

/** An item in its number. */
export interface Fitted {
  readonly kind: string;
  readonly family: AnyAccessories;
  readonly item: AnyItem;
  readonly pieces: number;
  /** For all pieces. */
  readonly price: number;
  readonly weightKg: number;
}

/** Need of an actuator for one kind, and the items of the shelf. */
export interface Place {
  readonly kind: AccessoryKind;
  readonly says: string;
  readonly pieces: number;
  /** Items that fit, the cheapest first. */
  readonly fit: readonly Fitted[];
  readonly refused: readonly ({ readonly family: AnyAccessories; readonly item: AnyItem } & Refusal)[];
}

/** Accessories of an actuator for a duty, on any valve. */
export interface Fittings {
  /** Everything wanted, in the order in which air and signal meet it. */
  readonly places: readonly Place[];
  /** The cheapest item of each kind that the duty alone requires. */
  readonly standing: readonly Fitted[];
  /** Greatest weight of accessories on the actuator, kg. */
  readonly carriedKg: number;
  /** Standard parts of the shelf between valve and actuator. */
  readonly between: Stock;
}

function placeOf(
  kind: AccessoryKind,
  families: readonly AnyAccessories[],
  mount: { readonly supply: SupplyKind; readonly sprung: boolean },
  around: Around,
): Place | null {
  const wanted = kind.wantedBy(mount, around);
  if (wanted === null) return null;
  const { pieces, says } = wanted;
  const fit: Fitted[] = [];
  const refused: Place["refused"][number][] = [];
  for (const family of families) {
    if (family.kind !== kind.kind) continue;
    const site = [false, true].map((electrical) =>
      kind.ofSteel ? null : refusedBySite(family, electrical, around.duty),
    );
    for (const item of family.items) {
      const why = wanted.refused(item) ?? site[Number(kind.electrical(item))]!;
      if (why !== null) refused.push({ family, item, ...why });
      else
        fit.push({
          kind: kind.kind,
          family,
          item,
          pieces,
          price: pieces * item.price,
          weightKg: pieces * item.weightKg,
        });
    }
  }
  return { kind, says, pieces, fit: fit.sort((a, b) => a.price - b.price), refused };
}

/** An item of one kind with its count and the values of its kind. */
export type FittedOf<Kind extends AccessoryName> = Fitted & { readonly item: ItemOf<Kind> };

/** Need of an actuator for one kind, its items with the values of that kind. */
export interface PlaceOf<Kind extends AccessoryName> extends Place {
  readonly fit: readonly FittedOf<Kind>[];
}

/**
 * Need of an actuator for a kind.
 *
 * @param fittings its accessories; null where the shelf has none
 * @param kind name of the kind
 * @returns the place with its items; null where the drive wants none of the kind
 */
export const placeNamed = <Kind extends AccessoryName>(
  fittings: Pick<Fittings, "places"> | null | undefined,
  kind: Kind,
): PlaceOf<Kind> | null =>
  // An entry holds families of its own kind only.
  (fittings?.places.find((place) => place.kind.kind === kind) as PlaceOf<Kind> | undefined) ?? null;

const known = new WeakMap<readonly AccessoryFamily[], Stock>();

/**
 * Weight on the actuator, whatever its stroke needs: where times are asked for, any fitting item may be used, so the
 * heaviest counts.
 */
function carriedKg(places: readonly Place[], duty: SettledDuty): number {
  const { opensWithinS, closesWithinS } = duty.stated;
  const timed = opensWithinS !== null || closesWithinS !== null;
  let kg = 0;
  for (const { kind, fit } of places) {
    if (kind.standsBeside) continue;
    if (timed) kg += fit.reduce((maximum, { weightKg }) => Math.max(maximum, weightKg), 0);
    else if (!kind.byStroke) kg += fit[0]?.weightKg ?? 0;
  }
  return kg;
}

/** A part in series under the name of its maker. */
const inSeries = <Item extends { readonly id: string }>({ id, ...item }: Item, maker: string) => ({
  ...item,
  item: id,
  maker,
});

/** Brackets and couplings of the shelf, the cheapest first; gathered once for a shelf. */
function between(families: readonly AccessoryFamily[]): Stock {
  const cached = known.get(families);
  if (cached) return cached;
  const brackets = families.flatMap((family) =>
    family.kind === "bracket" ? family.items.map((item) => inSeries(item, family.maker)) : [],
  );
  const couplings = families.flatMap((family) =>
    family.kind === "coupling" ? family.items.map((item) => inSeries(item, family.maker)) : [],
  );
  const byPrice = (a: { readonly price: number }, b: { readonly price: number }) => a.price - b.price;
  const stock: Stock = { brackets: brackets.sort(byPrice), couplings: couplings.sort(byPrice) };
  known.set(families, stock);
  return stock;
}

/**
 * Accessories of the shelf for actuators in a duty.
 *
 * @param families accessories on the shelf
 * @param around duty and house rules
 * @returns need and items for one actuator; actuators with the same supply and spring share the result
 * @source the duty, the house's schools and the makers' limits
 */
export function fittingsOf(
  families: readonly AccessoryFamily[],
  around: Around,
): (drive: Drive | null) => Fittings | null {
  const byMount = new Map<string, Fittings | null>();
  return (drive) => {
    if (drive === null || families.length === 0) return null;
    const mount = { supply: kindOf(drive.family).supply, sprung: drive.springSet !== null };
    const key = `${mount.supply}|${mount.sprung}`;
    let fittings = byMount.get(key);
    if (fittings === undefined) {
      const places = accessoryKinds.flatMap((kind) => placeOf(kind, families, mount, around) ?? []);
      fittings = {
        places,
        between: between(families),
        carriedKg: carriedKg(places, around.duty),
        standing: places.flatMap(({ kind, fit }) => (kind.byStroke ? [] : fit.slice(0, 1))),
      };
      byMount.set(key, fittings);
    }
    return fittings;
  };
}
