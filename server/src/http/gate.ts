import type { Belongs, Role } from "@proven-seat/contract";
import { LRUCache } from "lru-cache";
import { nounOf, projectOf } from "../store/belongs.ts";
import { isUuid } from "../store/ids.ts";
import type { Reader } from "../store/sql.ts";
import { notFound } from "../work/refusal.ts";

/**
 * Projects that records were found to belong to: none ever changes hands. A record removed since is still let through
 * here, and is not there for whoever looks for it.
 */
const belongs = new LRUCache<string, string>({ max: 20_000 });

/** Who asks. */
export interface Caller {
  readonly name: string;
  /** Roles held in every project, until accounts come. */
  readonly roles: readonly Role[];
}

/**
 * Lets a caller through to what an endpoint belongs to: the one place that knows both. Gives the project's id, null
 * for what the whole organisation shares.
 */
export async function authorise(
  db: Reader,
  caller: Caller,
  needed: { readonly project: Belongs; readonly role: Role },
  id: string | undefined,
): Promise<string | null> {
  const what = needed.project === null ? "record" : nounOf[needed.project];
  // Whoever may not see a record is not told that it is there.
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
