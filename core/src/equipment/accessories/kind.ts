import type { z } from "zod";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { OfMaker } from "../drives/kind.ts";
import type { SupplyKind } from "../drives/supplies.ts";

/** Values of every item, of any kind. */
export interface AnyItem {
  readonly id: string;
  readonly weightKg: number;
  readonly price: number;
}

/** Values of every family of accessories. */
export interface AnyAccessories extends OfMaker {
  readonly items: readonly AnyItem[];
}

/** Why an item is rejected; `unknown` where the maker or the duty does not state it. */
export interface Refusal {
  readonly why: string;
  readonly unknown: boolean;
}

/** Need of an actuator for a kind, in a duty. */
export interface Wanted<Item extends AnyItem = AnyItem> {
  readonly pieces: number;
  /** Description of the item wanted, as in an order. */
  readonly says: string;
  refused(item: Item): Refusal | null;
}

/** Properties of an actuator that decide its accessories; actuators that share them share the result. */
export interface Mount {
  readonly supply: SupplyKind;
  readonly sprung: boolean;
}

/** Other inputs of the selection. */
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
  /** Its own headings in the table of items: numbers, words with "$", lists with ";", yes and no with "?". */
  readonly columns: readonly string[];
  /** Whether an item is electrical, so that area and enclosure apply. */
  electrical(item: Family["items"][number]): boolean;
  /** Whether the stroke decides if it is mounted, not the duty alone. */
  readonly byStroke?: true;
  /** Stands beside the valve: the drive does not carry it. */
  readonly standsBeside?: true;
  /** Plain steel without seal, coil or grease: neither weather nor heat limits it. */
  readonly ofSteel?: true;
  /** Need of an actuator; null for none. */
  wantedBy(mount: Mount, around: Around): Wanted<Family["items"][number]> | null;
}
