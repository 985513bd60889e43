import type { Choice, TagRow } from "@proven-seat/contract";
import { limitPlusOne, type Page, type PageAsked, pageOf } from "./page.ts";
import { type Reader, rowsOf } from "./sql.ts";

interface Row {
  id: string;
  number: string;
  service: string;
  unit: string;
  dn: string | null;
  line: string | null;
  version: number;
  choice: Choice | null;
  remarks: Record<string, string> | null;
  sheet_id: string | null;
  sheet_revision: string | null;
}

/**
 * Rows of the line-up. Plain SQL, since ten thousand tags need neither their duties nor ten thousand
 * entities to be listed.
 */
export async function tagRows(db: Reader, projectId: string, page: PageAsked): Promise<Page<TagRow>> {
  const rows = await rowsOf<Row>(
    db,
    `select t.id, t.number, t.service, t.unit, t.listed_dn as dn, t.listed_line as line,
            t.version, t.choice, nullif(t.remarks, '{}') as remarks, s.id as sheet_id, s.revision as sheet_revision
       from tag t
       left join lateral (select id, revision from sheet where tag_id = t.id order by issued_at desc limit 1) s on true
      where t.project_id = ? and t.number > coalesce(?, '') order by t.number limit ?`,
    [projectId, page.after, limitPlusOne(page)],
  );
  return pageOf(
    rows,
    page,
    ({ number }) => number,
    // Written out, not spread: asked of thousands of rows.
    (row) => ({
      id: row.id,
      number: row.number,
      service: row.service,
      unit: row.unit,
      version: row.version,
      choice: row.choice,
      ...(row.remarks === null ? {} : { remarks: row.remarks }),
      dn: row.dn === null ? null : Number(row.dn),
      lineDesignation: row.line,
      sheet: row.sheet_id === null ? null : { id: row.sheet_id, revision: row.sheet_revision! },
    }),
  );
}
