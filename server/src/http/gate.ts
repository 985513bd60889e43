import type { Belongs, Role } from "@proven-seat/contract";
import { LRUCache } from "lru-cache";
import { nounOf, projectOf } from "../store/belongs.ts";
import { isUuid } from "../store/ids.ts";
import type { Reader } from "../store/sql.ts";
import { notFound } from "../work/refusal.ts";

/** Projects of records, which never change. A record that was removed passes here and is not found later. */
const belongs = new LRUCache<string, string>({ max: 20_000 });

/** The caller. */
export interface Caller {
  readonly name: string;
  /** Roles held in every project, until accounts come. */
  readonly roles: readonly Role[];
}

/**
 * Authorises a caller for the project of an endpoint: the one place that knows both. Returns the project's id, null for
 * data of the whole organisation.
 */
export async function authorise(
  db: Reader,
  caller: Caller,
  needed: { readonly project: Belongs; readonly role: Role },
  id: string | undefined,
): Promise<string | null> {
  const what = needed.project === null ? "record" : nounOf[needed.project];
  // A caller without access does not learn that a record exists.
  if (needed.role !== "anybody" && !caller.roles.includes(needed.role)) throw notFound(what);
  if (needed.project === null) return null;
  if (id === undefined || !isUuid(id)) throw notFound(what);
  const key = `${needed.project} ${id}`;
  const known = belongs.get(key);
  if (known !== undefined) return known;
  const found = await projectOf(db, needed.project, id);
  if (found === null) throw notFound(what);
  belongs.set(key, found);
  return found;
}
