import { storedDutySchema } from "@proven-seat/core/stored";
import { z } from "zod";
import { endpoint } from "../endpoint.ts";
import { saveTagSchema, tagContentSchema, tagRowSchema, tagSchema } from "../records.ts";

export const tagsEndpoints = {
  tags: endpoint({
    method: "get",
    path: "/api/projects/{id}/tags",
    says: "Tags of a project as rows",
    project: "in path",
    role: "engineer",
    paged: true,
    answer: z.array(tagRowSchema),
    problems: [404],
  }),
  createTag: endpoint({
    method: "post",
    path: "/api/projects/{id}/tags",
    says: "Add a tag",
    project: "in path",
    role: "engineer",
    body: tagContentSchema,
    answer: tagSchema,
    status: 201,
    problems: [404, 409, 422],
  }),
  duties: endpoint({
    method: "post",
    path: "/api/projects/{id}/duties",
    says: "Duties of up to 500 tags",
    project: "in path",
    role: "engineer",
    body: z.strictObject({ ids: z.array(z.uuid()).max(500) }),
    answer: z.array(z.object({ id: z.uuid(), version: z.number(), duty: storedDutySchema })),
    problems: [404, 422],
  }),
  tag: endpoint({
    method: "get",
    path: "/api/tags/{id}",
    says: "One tag with its duty",
    project: "of tag",
    role: "engineer",
    answer: tagSchema,
    problems: [404],
  }),
  saveTag: endpoint({
    method: "put",
    path: "/api/tags/{id}",
    says: "Save a tag; a stale version answers 409 with both versions",
    project: "of tag",
    role: "engineer",
    body: saveTagSchema,
    answer: tagSchema,
    problems: [404, 409, 422],
  }),
  deleteTag: endpoint({
    method: "delete",
    path: "/api/tags/{id}",
    says: "Remove a tag that has no issued sheet",
    project: "of tag",
    role: "engineer",
    answer: null,
    status: 204,
    problems: [404, 409],
  }),
  dutyVersions: endpoint({
    method: "get",
    path: "/api/tags/{id}/duties",
    says: "Every saved duty of a tag, newest first",
    project: "of tag",
    role: "engineer",
    paged: true,
    answer: z.array(
      z.object({ version: z.number(), createdAt: z.string(), createdBy: z.string(), duty: storedDutySchema }),
    ),
    problems: [404],
  }),
};
