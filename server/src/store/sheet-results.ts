import type { EntityManager } from "@mikro-orm/postgresql";
import type { SheetDrift } from "@proven-seat/core/judgement/proof";
import { rowsOf } from "./sql.ts";

/** The sheet in force of each tag: the newest one. */
const inForce = `select distinct on (s.tag_id) s.id from sheet s join tag t on t.id = s.tag_id
  where t.project_id = ? order by s.tag_id, s.issued_at desc`;

/** Sheets in force that have no result by a basis. */
export async function staleSheetIds(em: EntityManager, project: string, basis: number): Promise<string[]> {
  const rows = await rowsOf<{ id: string }>(
    em,
    `select s.id from (${inForce}) s
      where not exists (select from sheet_result r where r.sheet_id = s.id and r.basis_id = ?) order by s.id`,
    [project, basis],
  );
  return rows.map(({ id }) => id);
}

export interface SheetFound {
  readonly id: string;
  readonly tag: string;
  readonly number: string;
  readonly revision: string;
  /** Without its findings. The first of them is in `asks` and `verdict`. */
  readonly drift: SheetDrift;
  readonly asks: string | null;
  readonly verdict: string | null;
  readonly reason: string | null;
  readonly at: string | null;
  readonly by: string | null;
}

/** The drift of the sheets in force by a basis, worst first. */
export const sheetDrifts = (em: EntityManager, project: string, basis: number): Promise<SheetFound[]> =>
  rowsOf(
    em,
    `select s.id, t.id as tag, t.number, s.revision, r.drift - 'findings' as drift,
            r.drift #>> '{findings,0,asks}' as asks, r.drift #>> '{findings,0,now,verdict}' as verdict,
            a.reason, a.created_at as at, a.created_by as by
       from (select distinct on (tag_id) * from sheet order by tag_id, issued_at desc) s
       join tag t on t.id = s.tag_id
       join sheet_result r on r.sheet_id = s.id and r.basis_id = ?
       left join drift_acknowledged a on a.sheet_id = s.id and a.basis_id = r.basis_id
      where t.project_id = ? order by r.grave desc, t.number`,
    [basis, project],
  );
