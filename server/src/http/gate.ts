import type { Belongs, Role } from "@proven-seat/contract";
import { Recent } from "../store/recent.ts";
import { type Reader, rowsOf } from "../store/sql.ts";
import { notThere } from "../work/refusal.ts";

const uuid = /^[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$/i;

/** What a project is found by; plain SQL, so that nothing half loaded stays in the handler's entity manager. */
const projectBy: Record<NonNullable<Belongs>, { readonly what: string; readonly sql: string }> = {
  "in path": { what: "project", sql: "select id from project where id = ?" },
  "of tag": { what: "tag", sql: "select project_id as id from tag where id = ?" },
  "of sheet": {
    what: "sheet",
    sql: "select t.project_id as id from sheet s join tag t on t.id = s.tag_id where s.id = ?",
  },
};

/**
 * Projects that records were found to belong to: none ever changes hands. A record removed since is still let through
 * here, and is not there for whoever looks for it.
 */
const belongs = new Recent<string>(20_000);

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
export async function pass(
  db: Reader,
  caller: Caller,
  of: { readonly project: Belongs; readonly role: Role },
  id: string | undefined,
): Promise<string | null> {
  const by = of.project && projectBy[of.project];
  const what = by?.what ?? "record";
  // Whoever may not see a record is not told that it is there.
  if (of.role !== "anybody" && !caller.roles.includes(of.role)) throw notThere(what);
  if (!by) return null;
  if (id === undefined || !uuid.test(id)) throw notThere(what);
  const key = `${of.project} ${id}`;
  const known = belongs.get(key);
  if (known !== undefined) return known;
  const [found] = await rowsOf<{ id: string }>(db, by.sql, [id]);
  if (!found) throw notThere(what);
  belongs.set(key, found.id);
  return found.id;
}
