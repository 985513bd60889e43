import { proveRequestSchema } from "@proven-seat/core/proof";
import { storedDutySchema } from "@proven-seat/core/stored";
import { z } from "zod";
import {
  catalogueRowSchema,
  catalogueVersionSchema,
  healthSchema,
  houseRuleVersionSchema,
  importResultSchema,
  importSchema,
  issueSheetSchema,
  newCatalogueSchema,
  newHouseRulesSchema,
  projectSchema,
  reproofSchema,
  saveTagSchema,
  sheetRowSchema,
  tagContentSchema,
  tagRowSchema,
  tagSchema,
} from "./records.ts";

/** One address of the API. Path parameters stand in braces, as in OpenAPI. */
export interface Endpoint<Body extends z.ZodType = z.ZodType, Answer extends z.ZodType = z.ZodType> {
  readonly method: "get" | "post" | "put" | "delete";
  readonly path: string;
  readonly says: string;
  readonly body?: Body;
  /** Null where the answer is no JSON or nothing. */
  readonly answer: Answer | null;
  readonly status?: number;
  readonly mediaType?: string;
  readonly query?: Record<string, string>;
  /** Statuses besides success that carry a problem document. */
  readonly problems?: readonly number[];
}

const endpoint = <const One extends Endpoint>(of: One) => of;

export const endpoints = {
  health: endpoint({
    method: "get",
    path: "/api/health",
    says: "State of server, database and migrations",
    answer: healthSchema,
  }),
  openApi: endpoint({ method: "get", path: "/api/openapi.json", says: "This document", answer: z.unknown() }),
  sheetSchema: endpoint({
    method: "get",
    path: "/api/schemas/sheet.json",
    says: "JSON Schema of an issued sheet",
    answer: z.unknown(),
  }),
  dutySchema: endpoint({
    method: "get",
    path: "/api/schemas/prove.json",
    says: "JSON Schema of what prove takes",
    answer: z.unknown(),
  }),
  calculations: endpoint({
    method: "get",
    path: "/api/calc",
    says: "Names of the calculations",
    answer: z.array(z.object({ name: z.string(), title: z.string(), source: z.string() })),
  }),
  calculationSchema: endpoint({
    method: "get",
    path: "/api/calc/{name}/schema",
    says: "JSON Schema of a calculation's input",
    answer: z.unknown(),
    problems: [404],
  }),
  calculate: endpoint({
    method: "post",
    path: "/api/calc/{name}",
    says: "Compute one input, or an array of at most 10 000 with failures in their places",
    body: z.unknown(),
    answer: z.unknown(),
    problems: [404, 422],
  }),
  prove: endpoint({
    method: "post",
    path: "/api/prove",
    says: "Prove a duty: ranked candidates with every finding",
    body: proveRequestSchema(),
    answer: z.unknown(),
    problems: [422],
  }),
  projects: endpoint({
    method: "get",
    path: "/api/projects",
    says: "Projects",
    answer: z.array(projectSchema),
  }),
  tags: endpoint({
    method: "get",
    path: "/api/projects/{id}/tags",
    says: "Tags of a project as rows",
    answer: z.array(tagRowSchema),
    problems: [404],
  }),
  createTag: endpoint({
    method: "post",
    path: "/api/projects/{id}/tags",
    says: "Add a tag",
    body: tagContentSchema,
    answer: tagSchema,
    status: 201,
    problems: [404, 409, 422],
  }),
  duties: endpoint({
    method: "post",
    path: "/api/projects/{id}/duties",
    says: "Duties of up to 500 tags",
    body: z.strictObject({ ids: z.array(z.uuid()).max(500) }),
    answer: z.array(z.object({ id: z.uuid(), version: z.number(), duty: storedDutySchema })),
    problems: [404, 422],
  }),
  importTags: endpoint({
    method: "post",
    path: "/api/projects/{id}/imports",
    says: "Import a line list: all or nothing",
    body: importSchema,
    answer: importResultSchema,
    status: 201,
    problems: [404, 409, 413, 422],
  }),
  exportTags: endpoint({
    method: "get",
    path: "/api/projects/{id}/tags.csv",
    says: "Line list as CSV that imports back to the same",
    answer: null,
    mediaType: "text/csv",
    problems: [404],
  }),
  tag: endpoint({
    method: "get",
    path: "/api/tags/{id}",
    says: "One tag with its duty",
    answer: tagSchema,
    problems: [404],
  }),
  saveTag: endpoint({
    method: "put",
    path: "/api/tags/{id}",
    says: "Save a tag; a stale version answers 409 with both versions",
    body: saveTagSchema,
    answer: tagSchema,
    problems: [404, 409, 422],
  }),
  deleteTag: endpoint({
    method: "delete",
    path: "/api/tags/{id}",
    says: "Remove a tag that has no issued sheet",
    answer: null,
    status: 204,
    problems: [404, 409],
  }),
  dutyVersions: endpoint({
    method: "get",
    path: "/api/tags/{id}/duties",
    says: "Every saved duty of a tag, newest first",
    answer: z.array(
      z.object({ version: z.number(), createdAt: z.string(), createdBy: z.string(), duty: storedDutySchema }),
    ),
    problems: [404],
  }),
  catalogue: endpoint({
    method: "get",
    path: "/api/catalogue",
    says: "Current catalogue",
    answer: catalogueVersionSchema,
  }),
  catalogueVersions: endpoint({
    method: "get",
    path: "/api/catalogue/versions",
    says: "Every revision of the catalogue, newest first",
    answer: z.array(catalogueRowSchema),
  }),
  catalogueRevision: endpoint({
    method: "get",
    path: "/api/catalogue/{revision}",
    says: "One revision of the catalogue",
    answer: catalogueVersionSchema,
    problems: [404],
  }),
  newCatalogue: endpoint({
    method: "post",
    path: "/api/catalogue",
    says: "Put a new revision of the catalogue on the shelf: all of it or nothing",
    body: newCatalogueSchema,
    answer: catalogueRowSchema,
    status: 201,
    problems: [409, 413, 422],
  }),
  houseRules: endpoint({
    method: "get",
    path: "/api/house-rules",
    says: "House rules in force",
    answer: houseRuleVersionSchema,
  }),
  houseRuleVersions: endpoint({
    method: "get",
    path: "/api/house-rules/versions",
    says: "Every version of the house rules, newest first",
    answer: z.array(houseRuleVersionSchema),
  }),
  newHouseRules: endpoint({
    method: "post",
    path: "/api/house-rules",
    says: "Put a new version of the house rules in force",
    body: newHouseRulesSchema,
    answer: houseRuleVersionSchema,
    status: 201,
    problems: [409, 422],
  }),
  sheets: endpoint({
    method: "get",
    path: "/api/tags/{id}/sheets",
    says: "Issued sheets of a tag, newest first",
    answer: z.array(sheetRowSchema),
    problems: [404],
  }),
  issueSheet: endpoint({
    method: "post",
    path: "/api/tags/{id}/sheets",
    says: "Prove again on the server and issue the next revision",
    body: issueSheetSchema,
    answer: sheetRowSchema,
    status: 201,
    problems: [404, 409, 422],
  }),
  sheet: endpoint({
    method: "get",
    path: "/api/sheets/{id}.json",
    says: "An issued sheet as JSON, in the format it was issued in",
    answer: z.looseObject({ format: z.string(), digest: z.string() }),
    problems: [404],
  }),
  sheetPdf: endpoint({
    method: "get",
    path: "/api/sheets/{id}.pdf",
    says: "An issued sheet as PDF",
    answer: null,
    mediaType: "application/pdf",
    query: { units: "metric or US" },
    problems: [404],
  }),
  reproveSheet: endpoint({
    method: "post",
    path: "/api/sheets/{id}/reprove",
    says: "Prove an issued sheet again from what it carries",
    answer: reproofSchema,
    problems: [404, 422],
  }),
} satisfies Record<string, Endpoint>;

export type EndpointName = keyof typeof endpoints;

/** What an endpoint answers with; nothing where it is no JSON. */
export type AnswerOf<Name extends EndpointName> = (typeof endpoints)[Name] extends {
  answer: infer Answer extends z.ZodType;
}
  ? z.output<Answer>
  : undefined;

/** Address of an endpoint with its parameters filled in. */
export function addressOf(name: EndpointName, parameters: Record<string, string> = {}): string {
  return endpoints[name].path.replace(/\{(\w+)\}/g, (_, key: string) =>
    encodeURIComponent(parameters[key] ?? ""),
  );
}
