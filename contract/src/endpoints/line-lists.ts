import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import {
  draftRowSchema,
  draftSchema,
  importResultSchema,
  importSchema,
  listMemorySchema,
} from "../list-records.ts";

export const lineListsEndpoints = {
  importTags: endpoint({
    ...addresses.importTags,
    says: "Import a line list, complete or not at all",
    project: "in path",
    role: "engineer",
    body: importSchema,
    bodyAsSent: true,
    answer: importResultSchema,
    status: 201,
    problems: [404, 409, 413, 422],
  }),
  exportTags: endpoint({
    ...addresses.exportTags,
    says: "Line list as CSV that imports back to the same",
    project: "in path",
    role: "engineer",
    answer: null,
    mediaType: "text/csv",
    problems: [404],
  }),
  exportWorkbook: endpoint({
    ...addresses.exportWorkbook,
    says: "Line list as a workbook that imports back to the same",
    project: "in path",
    role: "engineer",
    answer: null,
    mediaType: "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
    problems: [404, 429],
  }),
  drafts: endpoint({
    ...addresses.drafts,
    says: "Rows of line lists set aside, newest first",
    project: "in path",
    role: "engineer",
    answer: z.array(draftRowSchema),
    problems: [404],
  }),
  draft: endpoint({
    ...addresses.draft,
    says: "Rows set aside, as in their file",
    project: "in path",
    role: "engineer",
    answer: draftSchema,
    problems: [404],
  }),
  deleteDraft: endpoint({
    ...addresses.deleteDraft,
    says: "Discard rows set aside",
    project: "in path",
    role: "engineer",
    answer: null,
    status: 204,
    problems: [404],
  }),
  listMemory: endpoint({
    ...addresses.listMemory,
    says: "Decisions for line lists with the same headings; null if none",
    project: "in path",
    role: "engineer",
    answer: listMemorySchema.nullable(),
    problems: [404],
  }),
  remember: endpoint({
    ...addresses.remember,
    says: "Store decisions for line lists with the same headings",
    project: "in path",
    role: "engineer",
    body: listMemorySchema,
    answer: listMemorySchema,
    problems: [404, 422],
  }),
};
