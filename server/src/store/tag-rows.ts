import type { EntityManager } from "@mikro-orm/postgresql";
import type { Choice, TagRow } from "@proven-seat/contract";
import { onePast, type Page, type PageAsked, pageOf } from "./page.ts";

interface Row {
  id: string;
  number: string;
  service: string;
  unit: string;
  dn: string | null;
  line: string | null;
  version: number;
  choice: Choice | null;
  sheet_id: string | null;
  sheet_revision: string | null;
}

/**
 * Rows of the line-up. Plain SQL, since ten thousand tags need neither their duties nor ten thousand
 * entities to be listed.
 */
export async function tagRows(em: EntityManager, projectId: string, page: PageAsked): Promise<Page<TagRow>> {
  const rows: Row[] = await em.getConnection().execute(
    `select t.id, t.number, t.service, t.unit, t.duty ->> 'dn' as dn, t.duty ->> 'lineDesignation' as line,
            t.version, t.choice, s.id as sheet_id, s.revision as sheet_revision
       from tag t
       left join lateral (select id, revision from sheet where tag_id = t.id order by issued_at desc limit 1) s on true
      where t.project_id = ? and (?::text is null or t.number > ?) order by t.number limit ?`,
    [projectId, page.after, page.after, onePast(page)],
  );
  return pageOf(
    rows,
    page,
    ({ number }) => number,
    ({ dn, line, sheet_id, sheet_revision, ...row }) => ({
      ...row,
      dn: dn === null ? null : Number(dn),
      lineDesignation: line,
      sheet: sheet_id === null ? null : { id: sheet_id, revision: sheet_revision! },
    }),
  );
}
