import { storedDutySchema } from "@proven-seat/core/duty";
import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { saveTagSchema, tagContentSchema, tagRowSchema, tagSchema } from "../records.ts";

export const tagsEndpoints = {
  tags: endpoint({
    ...addresses.tags,
    says: "Tags of a project as rows",
    project: "in path",
    role: "engineer",
    answer: z.array(tagRowSchema),
    problems: [404],
  }),
  createTag: endpoint({
    ...addresses.createTag,
    says: "Add a tag",
    project: "in path",
    role: "engineer",
    body: tagContentSchema,
    answer: tagSchema,
    status: 201,
    problems: [404, 409, 422],
  }),
  duties: endpoint({
    ...addresses.duties,
    says: "Duties of up to 500 tags",
    project: "in path",
    role: "engineer",
    body: z.strictObject({ ids: z.array(z.uuid()).max(500) }),
    answer: z.array(z.object({ id: z.uuid(), version: z.number(), duty: storedDutySchema })),
    problems: [404, 422],
  }),
  tag: endpoint({
    ...addresses.tag,
    says: "One tag with its duty",
    project: "of tag",
    role: "engineer",
    answer: tagSchema,
    problems: [404],
  }),
  saveTag: endpoint({
    ...addresses.saveTag,
    says: "Save a tag; a stale version answers 409 with both versions",
    project: "of tag",
    role: "engineer",
    body: saveTagSchema,
    answer: tagSchema,
    problems: [404, 409, 422],
  }),
  deleteTag: endpoint({
    ...addresses.deleteTag,
    says: "Remove a tag that has no issued sheet; a stale version answers 409",
    project: "of tag",
    role: "engineer",
    query: { version: "version of the tag as displayed" },
    answer: null,
    status: 204,
    problems: [404, 409, 422],
  }),
  dutyVersions: endpoint({
    ...addresses.dutyVersions,
    says: "Every saved duty of a tag, newest first",
    project: "of tag",
    role: "engineer",
    answer: z.array(
      z.object({ version: z.number(), createdAt: z.string(), createdBy: z.string(), duty: storedDutySchema }),
    ),
    problems: [404],
  }),
};
