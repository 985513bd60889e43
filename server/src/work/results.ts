import type { TagMarksRow, TagResult } from "@proven-seat/contract";
import { basisOfProject } from "../store/bases.ts";
import { onePast, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { type Reader, rowsOf } from "../store/sql.ts";

/** Marks of every tag of a project that was proved by what it is pinned to. */
export async function marksOf(db: Reader, project: string, page: PageAsked): Promise<Page<TagMarksRow>> {
  const { id } = await basisOfProject(db, project);
  const rows = await rowsOf<TagMarksRow & { number: string }>(
    db,
    `select t.number, r.tag_id as id, r.tag_version as version, r.marks
       from tag_result r join tag t on t.id = r.tag_id
      where t.project_id = ? and r.basis_id = ? and (?::text is null or t.number > ?) order by t.number limit ?`,
    [project, id, page.after, page.after, onePast(page)],
  );
  return pageOf(
    rows,
    page,
    ({ number }) => number,
    ({ number: _, ...marks }) => marks,
  );
}

/** What was found of some tags of a project. */
export async function summariesOf(db: Reader, project: string, ids: readonly string[]): Promise<TagResult[]> {
  const { id } = await basisOfProject(db, project);
  return rowsOf<TagResult>(
    db,
    `select r.tag_id as id, r.tag_version as version, r.summary
       from tag_result r join tag t on t.id = r.tag_id
      where t.project_id = ? and r.basis_id = ? and r.tag_id = any(?::uuid[])`,
    [project, id, `{${ids.join()}}`],
  );
}
