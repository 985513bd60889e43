import { defineEntity } from "@mikro-orm/core";
import type { DraftContent, ListMemory } from "@proven-seat/contract";

/** Rows of a list that wait until somebody corrects them. */
export const ListDraft = defineEntity({
  name: "ListDraft",
  tableName: "list_draft",
  properties: (p) => ({
    id: p.uuid().primary(),
    projectId: p.uuid(),
    name: p.text(),
    content: p.json<DraftContent>(),
    createdAt: p.datetime(),
    createdBy: p.text(),
  }),
});

/** Column mapping of lists with the same headings. */
export const ListColumns = defineEntity({
  name: "ListColumns",
  tableName: "list_memory",
  properties: (p) => ({
    projectId: p.uuid().primary(),
    shape: p.text().primary(),
    content: p.json<ListMemory>(),
    updatedAt: p.datetime(),
    updatedBy: p.text(),
  }),
});
