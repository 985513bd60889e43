import type { EntityManager } from "@mikro-orm/postgresql";
import type { TagSummary } from "@proven-seat/core/judgement/proof";
import { rowsOf } from "./sql.ts";

/** The basis the tags were last proved by, other than the present one, among those of the project; null if there is none. */
export async function provedOnEarlierBasis(
  em: EntityManager,
  project: string,
  now: number,
): Promise<number | null> {
  const [before] = await rowsOf<{ id: number }>(
    em,
    `select b.id from basis b
       join basis_decision d on d.project_id = ? and d.catalogue_revision = b.catalogue_revision
        and d.house_rule_version = b.house_rule_version
       join proving p on p.basis_id = b.id and p.project_id = d.project_id and p.what = 'list'
      where b.id <> ? and exists (select from tag_result r join tag t on t.id = r.tag_id
        where r.basis_id = b.id and t.project_id = d.project_id)
      order by p.asked_at desc limit 1`,
    [project, now],
  );
  return before?.id ?? null;
}

/** Tags per query, so that memory does not grow with the list. */
export const tagsAtOnce = 1000;

export interface TagByBoth {
  readonly id: string;
  readonly number: string;
  readonly was: TagSummary;
  readonly now: TagSummary;
}

/** The next tags after a number that have results of the same version by both bases. */
export const tagsByBoth = (
  em: EntityManager,
  project: string,
  by: { readonly from: number; readonly to: number },
  after: string,
): Promise<TagByBoth[]> =>
  rowsOf(
    em,
    `select t.id, t.number, a.summary as was, b.summary as now from tag t
       join tag_result a on a.tag_id = t.id and a.basis_id = ?
       join tag_result b on b.tag_id = t.id and b.basis_id = ? and b.tag_version = a.tag_version
      where t.project_id = ? and t.number > ? order by t.number limit ?`,
    [by.from, by.to, project, after, tagsAtOnce],
  );
