import { randomUUID } from "node:crypto";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { Draft, DraftContent, DraftRow, ListMemory } from "@proven-seat/contract";
import { draftHeads } from "../store/draft-rows.ts";
import { ListColumns, ListDraft } from "../store/entities/lists.ts";
import { isUuid } from "../store/ids.ts";
import { type Page, type PageAsked, pageOf } from "../store/page.ts";
import { notFound } from "./refusal.ts";

/** Rows that wait in a project, newest first. */
export async function draftsOf(em: EntityManager, project: string, page: PageAsked): Promise<Page<DraftRow>> {
  return pageOf(
    await draftHeads(em, project, page),
    page,
    ({ id }) => id,
    (head) => ({ ...head, createdAt: new Date(head.createdAt).toISOString() }),
  );
}

/** One draft with its rows. */
export async function draftNamed(em: EntityManager, project: string, id: string): Promise<Draft> {
  const found = isUuid(id) ? await em.findOne(ListDraft, { id, projectId: project }) : null;
  if (!found) throw notFound("draft");
  const { name, content, createdAt, createdBy } = found;
  return {
    id: found.id,
    name,
    rows: content.rows.length,
    createdAt: createdAt.toISOString(),
    createdBy,
    content,
  };
}

/** Keeps rows for later, in the transaction there is. */
export async function addDraft(
  em: EntityManager,
  project: string,
  { name, content }: { name: string; content: DraftContent },
  user: string,
): Promise<void> {
  await em.insert(ListDraft, {
    id: randomUUID(),
    projectId: project,
    name,
    content,
    createdAt: new Date(),
    createdBy: user,
  });
}

/** Gives a draft up, in the transaction there is. */
export async function removeDraft(em: EntityManager, project: string, id: string): Promise<void> {
  const gone = isUuid(id) ? await em.nativeDelete(ListDraft, { id, projectId: project }) : 0;
  if (gone === 0) throw notFound("draft");
}

/** Decisions on lists with the same headings. */
export async function memoryOf(
  em: EntityManager,
  project: string,
  shape: string,
): Promise<ListMemory | null> {
  return (await em.findOne(ListColumns, { projectId: project, shape }))?.content ?? null;
}

/** Remembers it; the last to say something is remembered. */
export async function remember(
  em: EntityManager,
  project: string,
  shape: string,
  memory: ListMemory,
  user: string,
): Promise<ListMemory> {
  await em.upsert(ListColumns, {
    projectId: project,
    shape,
    content: memory,
    updatedAt: new Date(),
    updatedBy: user,
  });
  return memory;
}
