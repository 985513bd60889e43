import type { Keeping } from "@proven-seat/contract";
import { type Reader, rowsOf } from "../store/sql.ts";
import { Refusal } from "./refusal.ts";

/** What the house keeps now. */
export async function keepingNow(db: Reader): Promise<Keeping> {
  const [row] = await rowsOf<Keeping>(db, "select copies, version from keeping");
  return row!;
}

/** Changes it; a change of what somebody else has changed since is refused. */
export async function changeKeeping(
  db: Reader,
  { copies, version }: Keeping,
  user: string,
): Promise<Keeping> {
  const [row] = await rowsOf<Keeping>(
    db,
    `update keeping set copies = ?, version = version + 1, changed_at = ?, changed_by = ?
     where version = ? returning copies, version`,
    [copies, new Date(), user, version],
  );
  if (row) return row;
  const now = await keepingNow(db);
  throw new Refusal(
    "stale",
    `Somebody changed it since you looked: ${now.copies} daily copies are kept by now. Look again before you change it.`,
  );
}
