import { isUuid } from "./ids.ts";

/** Which items of a list are asked for. */
export interface PageAsked {
  readonly limit: number;
  /** Key of the last item of the page before. */
  readonly after: string | null;
}

export interface Page<Item> {
  readonly items: readonly Item[];
  /** Key to ask for the next page with; null at the last. */
  readonly next: string | null;
}

/** One more than asked for: it tells whether there is another page. */
export const limitPlusOne = ({ limit }: PageAsked): number => limit + 1;

/** The page of a result read with `limitPlusOne`, presented. */
export function pageOf<Found, Item>(
  found: readonly Found[],
  { limit }: PageAsked,
  keyOf: (item: Found) => string | number,
  present: (item: Found) => Item,
): Page<Item> {
  return {
    items: found.slice(0, limit).map(present),
    next: found.length > limit ? String(keyOf(found[limit - 1]!)) : null,
  };
}

/** A cursor that no page ended with. */
export class NoSuchPage extends Error {
  constructor() {
    super("after: Unknown cursor. Take it from the Link header of the previous page.");
  }
}

/** A counted list is read downwards: below the number the page before ended with. */
export function below({ after }: PageAsked): number {
  if (after === null) return 2 ** 31 - 1;
  if (!/^\d{1,9}$/.test(after)) throw new NoSuchPage();
  return Number(after);
}

/** The record the page before ended with; null for the first page. */
export async function lastOf<Found>(
  { after }: PageAsked,
  find: (id: string) => Promise<Found | null>,
): Promise<Found | null> {
  if (after === null) return null;
  const found = isUuid(after) ? await find(after) : null;
  if (!found) throw new NoSuchPage();
  return found;
}
