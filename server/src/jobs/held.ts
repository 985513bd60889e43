import { type Catalogue, compileShelf, type Shelf } from "@proven-seat/core/equipment/catalogue";
import { LRUCache } from "lru-cache";

/** A catalogue by its digest, with its content where the worker that asked did not hold it. */
export interface HeldCatalogue {
  readonly digest: string;
  readonly content: Catalogue | null;
}

/** Answer of a worker without the catalogue: the task is sent again with its content. */
export class Needs extends Error {}

const held = new LRUCache<string, Shelf>({ max: 8 });

/** The catalogue compiled; the last few stay in each worker, so that hundreds of kilobytes are not sent each time. */
export function shelfHeld({ digest, content }: HeldCatalogue): Shelf {
  const known = held.get(digest);
  if (known) return known;
  if (content === null) throw new Needs();
  const shelf = compileShelf(content);
  held.set(digest, shelf);
  return shelf;
}
