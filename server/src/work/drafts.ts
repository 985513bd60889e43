import { randomUUID } from "node:crypto";
import type { Draft, DraftContent, DraftRow, ListMemory } from "@proven-seat/contract";
import { onePast, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { type Reader, rowsOf } from "../store/sql.ts";
import { notThere } from "./refusal.ts";

interface Row {
  id: string;
  name: string;
  rows: number;
  created_at: Date | string;
  created_by: string;
}

const columns = "id, name, jsonb_array_length(content -> 'rows') as rows, created_at, created_by";

const present = ({ created_at, created_by, ...row }: Row): DraftRow => ({
  ...row,
  createdAt: new Date(created_at).toISOString(),
  createdBy: created_by,
});

/** Rows that wait in a project, newest first. */
export async function draftsOf(db: Reader, project: string, page: PageAsked): Promise<Page<DraftRow>> {
  const rows = await rowsOf<Row>(
    db,
    `select ${columns} from list_draft where project_id = ?
       and (?::text is null or (created_at, id) < (select created_at, id from list_draft where id::text = ?))
     order by created_at desc, id desc limit ?`,
    [project, page.after, page.after, onePast(page)],
  );
  return pageOf(rows, page, ({ id }) => id, present);
}

const uuid = /^[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$/i;

/** One draft with its rows. */
export async function draftNamed(db: Reader, project: string, id: string): Promise<Draft> {
  if (!uuid.test(id)) throw notThere("draft");
  const [row] = await rowsOf<Row & { content: DraftContent }>(
    db,
    `select ${columns}, content from list_draft where project_id = ? and id = ?`,
    [project, id],
  );
  if (!row) throw notThere("draft");
  return { ...present(row), content: row.content };
}

/** Keeps rows for later, in the transaction there is. */
export async function addDraft(
  db: Reader,
  project: string,
  { name, content }: { name: string; content: DraftContent },
  user: string,
): Promise<void> {
  await rowsOf(
    db,
    `insert into list_draft (id, project_id, name, content, created_at, created_by)
     values (?, ?, ?, ?::jsonb, ?, ?)`,
    [randomUUID(), project, name, JSON.stringify(content), new Date(), user],
  );
}

/** Gives a draft up, in the transaction there is. */
export async function removeDraft(db: Reader, project: string, id: string): Promise<void> {
  if (!uuid.test(id)) throw notThere("draft");
  const gone = await rowsOf(db, "delete from list_draft where project_id = ? and id = ? returning id", [
    project,
    id,
  ]);
  if (gone.length === 0) throw notThere("draft");
}

/** What was said of lists with the same headings. */
export async function memoryOf(db: Reader, project: string, shape: string): Promise<ListMemory | null> {
  const [row] = await rowsOf<{ content: ListMemory }>(
    db,
    "select content from list_memory where project_id = ? and shape = ?",
    [project, shape],
  );
  return row?.content ?? null;
}

/** Remembers it; the last to say something is remembered. */
export async function remember(
  db: Reader,
  project: string,
  shape: string,
  memory: ListMemory,
  user: string,
): Promise<ListMemory> {
  await rowsOf(
    db,
    `insert into list_memory (project_id, shape, content, updated_at, updated_by) values (?, ?, ?::jsonb, ?, ?)
     on conflict (project_id, shape) do update
     set content = excluded.content, updated_at = excluded.updated_at, updated_by = excluded.updated_by`,
    [project, shape, JSON.stringify(memory), new Date(), user],
  );
  return memory;
}
