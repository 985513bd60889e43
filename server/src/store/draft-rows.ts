import { limitPlusOne, type PageAsked } from "./page.ts";
import { type Reader, rowsOf } from "./sql.ts";

export interface DraftHead {
  readonly id: string;
  readonly name: string;
  readonly rows: number;
  readonly createdAt: string;
  readonly createdBy: string;
}

/** Drafts of a project with the number of their rows. The rows, which may be thousands, are not read. */
export const draftHeads = (db: Reader, project: string, page: PageAsked): Promise<DraftHead[]> =>
  rowsOf(
    db,
    `select id, name, jsonb_array_length(content -> 'rows') as rows, created_at as "createdAt",
            created_by as "createdBy" from list_draft where project_id = ?
       and (?::text is null or (created_at, id) < (select created_at, id from list_draft where id::text = ?))
     order by created_at desc, id desc limit ?`,
    [project, page.after, page.after, limitPlusOne(page)],
  );
