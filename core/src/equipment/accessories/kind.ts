import type { z } from "zod";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { OfMaker } from "../drives/kind.ts";
import type { SupplyKind } from "../drives/supplies.ts";

/** What every item has, whatever its kind. */
export interface AnyItem {
  readonly id: string;
  readonly weightKg: number;
  readonly price: number;
}

/** What every family of accessories has. */
export interface AnyAccessories extends OfMaker {
  readonly items: readonly AnyItem[];
}

/** Why an item is not taken; `unknown` where its maker or the duty leaves it open. */
export interface Refusal {
  readonly why: string;
  readonly unknown: boolean;
}

/** What a drive wants of a kind in a duty. */
export interface Wanted<Item extends AnyItem = AnyItem> {
  readonly pieces: number;
  /** What is looked for, as an order would say it. */
  readonly says: string;
  refused(item: Item): Refusal | null;
}

/** What of a drive decides about its accessories; drives alike in it share them. */
export interface Mount {
  readonly supply: SupplyKind;
  readonly sprung: boolean;
}

/** What accessories are chosen by besides. */
export interface Around {
  readonly duty: SettledDuty;
  readonly house: HouseRules;
}

/**
 * A kind of accessory: all that is particular to it. Functions that take an item are methods, because the list of kinds
 * holds kinds with different items.
 */
export interface AccessoryKind<Family extends AnyAccessories = AnyAccessories> {
  readonly kind: Family["kind"];
  readonly schema: z.ZodType<Family>;
  /** Headings of its own in the table of items: figures, words with "$", lists with ";", yes and no with "?". */
  readonly columns: readonly string[];
  /** Whether current runs in an item, so that area and enclosure are asked of it. */
  electrical(item: Family["items"][number]): boolean;
  /** Whether the stroke decides if it is mounted, and not the duty alone. */
  readonly byStroke?: true;
  /** Stands beside the valve: the drive does not carry it. */
  readonly standsBeside?: true;
  /** What a drive wants of it; null for nothing. */
  wantedBy(mount: Mount, around: Around): Wanted<Family["items"][number]> | null;
}
