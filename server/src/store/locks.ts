import type { EntityManager } from "@mikro-orm/postgresql";
import { rowsOf } from "./sql.ts";

/** Work that must not overlap, with the number of its lock. Do not give a number to other work. */
const locks = {
  "first demonstration": 4181,
  "lists of a project": 4182,
  "provings of a project": 4183,
  "projects brought in": 4184,
  "the catalogue's next revision": 4185,
  "the next house rules": 4186,
  "a job handed in": 4187,
} as const;

/**
 * Waits for its turn and keeps others waiting until the transaction ends.
 *
 * @param work that must not overlap
 * @param id the project or job it is limited to; null for the whole database
 */
export async function takeTurn(
  tx: EntityManager,
  work: keyof typeof locks,
  id: string | null = null,
): Promise<void> {
  // Row locks would not do: some rows do not exist yet, and the application has no right to lock rows of history.
  if (id === null) await rowsOf(tx, "select pg_advisory_xact_lock(?)", [locks[work]]);
  else await rowsOf(tx, "select pg_advisory_xact_lock(?, hashtext(?))", [locks[work], id]);
}
