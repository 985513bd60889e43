import { endpoint } from "../endpoint.ts";
import { importResultSchema, importSchema } from "../records.ts";

export const lineListsEndpoints = {
  importTags: endpoint({
    method: "post",
    path: "/api/projects/{id}/imports",
    says: "Import a line list: all or nothing",
    project: "in path",
    role: "engineer",
    body: importSchema,
    bodyAsSent: true,
    answer: importResultSchema,
    status: 201,
    problems: [404, 409, 413, 422],
  }),
  exportTags: endpoint({
    method: "get",
    path: "/api/projects/{id}/tags.csv",
    says: "Line list as CSV that imports back to the same",
    project: "in path",
    role: "engineer",
    answer: null,
    mediaType: "text/csv",
    problems: [404],
  }),
};
