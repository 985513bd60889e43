import type { EntityManager } from "@mikro-orm/postgresql";
import type { Choice, TagMarksRow, TagResult } from "@proven-seat/contract";
import type { TagSummary } from "@proven-seat/core/judgement/proof";
import { limitPlusOne, type PageAsked } from "./page.ts";
import { rowsOf } from "./sql.ts";

// A project may have tens of thousands of results, so they are read by joins and written in bulk, not as entities.

const staleTags = `from tag t left join tag_result r on r.tag_id = t.id and r.basis_id = ?
  where t.project_id = ? and (r.tag_version is null or r.tag_version <> t.version)`;

/** Tags without a current result, in the order of the list. Tags with the same duty follow the first of them. */
export async function staleTagIds(em: EntityManager, project: string, basis: number): Promise<string[]> {
  const rows = await rowsOf<{ id: string }>(
    em,
    `select id from (
       select t.id, t.number, min(t.number) over (partition by md5(t.duty::text)) as first ${staleTags}) s
      order by first, number`,
    [basis, project],
  );
  return rows.map(({ id }) => id);
}

export async function countStaleTags(em: EntityManager, project: string, basis: number): Promise<number> {
  const [row] = await rowsOf<{ n: string }>(em, `select count(*) as n ${staleTags}`, [basis, project]);
  return Number(row!.n);
}

export interface StaleTag {
  readonly id: string;
  readonly version: number;
  readonly duty: unknown;
  readonly choice: Choice | null;
  /** Digest of the inputs of its last result; null if it has none. */
  readonly inputDigest: string | null;
}

/** The tags among these that have no current result, in the given order. */
export const staleAmong = (em: EntityManager, ids: readonly string[], basis: number): Promise<StaleTag[]> =>
  rowsOf(
    em,
    `select t.id, t.version, t.duty, t.choice, r.input_digest as "inputDigest"
       from tag t left join tag_result r on r.tag_id = t.id and r.basis_id = ?
      where t.id = any(?::uuid[]) and (r.tag_version is null or r.tag_version <> t.version)
      order by array_position(?::uuid[], t.id)`,
    [basis, `{${ids.join()}}`, `{${ids.join()}}`],
  );

export interface NewResult {
  readonly id: string;
  readonly version: number;
  readonly digest: string;
  readonly summary: TagSummary;
  readonly marks: unknown;
}

/** Stores results in bulk. A result of a newer version is not replaced, and a removed tag is skipped. */
export const storeTagResults = (em: EntityManager, basis: number, made: readonly NewResult[]) =>
  rowsOf(
    em,
    `insert into tag_result (tag_id, basis_id, tag_version, input_digest, summary, marks, proved_at)
     select n.id, ?, n.version, n.digest, n.summary, n.marks, now()
       from jsonb_to_recordset(?::jsonb) as n (id uuid, version int, digest text, summary jsonb, marks jsonb)
       join tag t on t.id = n.id for key share of t
     on conflict (tag_id, basis_id) do update set tag_version = excluded.tag_version,
       input_digest = excluded.input_digest, summary = excluded.summary, marks = excluded.marks,
       proved_at = excluded.proved_at
       where tag_result.tag_version < excluded.tag_version`,
    [basis, JSON.stringify(made)],
  );

const keptBases = 4;

/** Deletes results of bases that are no longer compared. */
export const deleteOldResults = (em: EntityManager, project: string) =>
  rowsOf(
    em,
    `delete from tag_result r using tag t where t.id = r.tag_id and t.project_id = ? and r.basis_id not in (
       select basis_id from (select distinct on (basis_id) basis_id, asked_at from proving
         where project_id = ? and what = 'list' order by basis_id, asked_at desc) b order by asked_at desc limit ?)`,
    [project, project, keptBases],
  );

/** Marks of the tags of a project by a basis, a page at a time. */
export const tagMarks = (
  em: EntityManager,
  project: string,
  basis: number,
  page: PageAsked,
): Promise<(TagMarksRow & { readonly number: string })[]> =>
  rowsOf(
    em,
    `select t.number, r.tag_id as id, r.tag_version as version, r.marks
       from tag_result r join tag t on t.id = r.tag_id
      where t.project_id = ? and r.basis_id = ? and (?::text is null or t.number > ?) order by t.number limit ?`,
    [project, basis, page.after, page.after, limitPlusOne(page)],
  );

/** Summaries of some tags of a project by a basis. */
export const tagSummaries = (
  em: EntityManager,
  project: string,
  basis: number,
  ids: readonly string[],
): Promise<TagResult[]> =>
  rowsOf(
    em,
    `select r.tag_id as id, r.tag_version as version, r.summary
       from tag_result r join tag t on t.id = r.tag_id
      where t.project_id = ? and r.basis_id = ? and r.tag_id = any(?::uuid[])`,
    [project, basis, `{${ids.join()}}`],
  );
