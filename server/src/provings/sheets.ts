import { driftOf } from "@proven-seat/core/judgement/proof";
import { type Reader, rowsOf } from "../store/sql.ts";
import type { ProvingKind } from "./kind.ts";

/** The sheet of each tag that is in force: the newest. */
const inForce = `select distinct on (s.tag_id) s.id from sheet s join tag t on t.id = s.tag_id
  where t.project_id = ? order by s.tag_id, s.issued_at desc`;

async function stale(db: Reader, project: string, basis: number): Promise<string[]> {
  const rows = await rowsOf<{ id: string }>(
    db,
    `select s.id from (${inForce}) s
      where not exists (select from sheet_result r where r.sheet_id = s.id and r.basis_id = ?) order by s.id`,
    [project, basis],
  );
  return rows.map(({ id }) => id);
}

/** Sheets in force, each proved again from the duty it was issued for. */
export const sheets: ProvingKind = {
  stale,
  countStale: async (db, project, basis) => (await stale(db, project, basis)).length,
  foundSince: async (db, project, basis, since) =>
    (
      await rowsOf<{ found: boolean }>(
        db,
        `select exists (select from sheet_result r join sheet s on s.id = r.sheet_id join tag t on t.id = s.tag_id
         where t.project_id = ? and r.basis_id = ? and r.proved_at > ?) as found`,
        [project, basis, since],
      )
    )[0]!.found,
  prove: async (em, ids, by, wanted) => {
    // One that cannot be proved keeps none of the others back.
    let failure: unknown = null;
    for (const id of ids) {
      if (!(await wanted())) break;
      const [row] = await rowsOf<{ content: unknown }>(
        em,
        `select content from sheet s where id = ?
           and not exists (select from sheet_result r where r.sheet_id = s.id and r.basis_id = ?)`,
        [id, by.id],
      );
      if (row === undefined) continue;
      try {
        const drift = driftOf(row.content, by);
        await rowsOf(
          em,
          `insert into sheet_result (sheet_id, basis_id, outcome, grave, drift, proved_at)
           values (?, ?, ?, ?, ?::jsonb, now()) on conflict do nothing`,
          [id, by.id, drift.outcome, drift.grave, JSON.stringify(drift)],
        );
      } catch (error) {
        failure ??= error;
      }
    }
    if (failure !== null) throw failure;
  },
};
