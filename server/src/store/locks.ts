import type { EntityManager } from "@mikro-orm/postgresql";
import { rowsOf } from "./sql.ts";

/** What goes one after the other, and the number it is locked by; a number is never given to something else. */
const locks = {
  "first demonstration": 4181,
  "lists of a project": 4182,
  "provings of a project": 4183,
  "a job handed in": 4187,
  "projects brought in": 4184,
  "the catalogue's next revision": 4185,
  "the next house rules": 4186,
} as const;

/** Waits until nobody else does the same, and keeps others waiting until the transaction ends. */
export async function oneAfterTheOther(
  tx: EntityManager,
  what: keyof typeof locks,
  of: string | null = null,
): Promise<void> {
  // An advisory lock of the database: there need be no row yet, and history gives no right to lock its own.
  if (of === null) await rowsOf(tx, "select pg_advisory_xact_lock(?)", [locks[what]]);
  else await rowsOf(tx, "select pg_advisory_xact_lock(?, hashtext(?))", [locks[what], of]);
}
