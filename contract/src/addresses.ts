/** Method and path of an endpoint, without schemas: all a page needs to send a request. */
export interface Address {
  readonly method: "get" | "post" | "put" | "delete";
  /** Path parameters in braces, as in OpenAPI. */
  readonly path: string;
  /** Content type of a body that is not JSON. */
  readonly takes?: string;
  /** A list answered in pages: `limit` and `after` in the query, the next page in the `Link` header (RFC 8288). */
  readonly paged?: true;
}

/** Every address of the API, by the name of its endpoint. */
export const addresses = {
  health: { method: "get", path: "/api/health" },
  openApi: { method: "get", path: "/api/openapi.json" },
  sheetSchema: { method: "get", path: "/api/schemas/sheet.json" },
  dutySchema: { method: "get", path: "/api/schemas/prove.json" },
  calculations: { method: "get", path: "/api/calc" },
  calculationSchema: { method: "get", path: "/api/calc/{name}/schema" },
  calculate: { method: "post", path: "/api/calc/{name}" },
  prove: { method: "post", path: "/api/prove" },
  projects: { method: "get", path: "/api/projects", paged: true },
  newProject: { method: "post", path: "/api/projects" },
  saveProject: { method: "put", path: "/api/projects/{id}" },
  takeOutProject: { method: "get", path: "/api/projects/{id}/file" },
  bringInProject: { method: "post", path: "/api/project-files", takes: "application/gzip" },
  tags: { method: "get", path: "/api/projects/{id}/tags", paged: true },
  createTag: { method: "post", path: "/api/projects/{id}/tags" },
  duties: { method: "post", path: "/api/projects/{id}/duties" },
  tag: { method: "get", path: "/api/tags/{id}" },
  saveTag: { method: "put", path: "/api/tags/{id}" },
  deleteTag: { method: "delete", path: "/api/tags/{id}" },
  dutyVersions: { method: "get", path: "/api/tags/{id}/duties", paged: true },
  importTags: { method: "post", path: "/api/projects/{id}/imports" },
  exportTags: { method: "get", path: "/api/projects/{id}/tags.csv" },
  exportWorkbook: { method: "get", path: "/api/projects/{id}/tags.xlsx" },
  drafts: { method: "get", path: "/api/projects/{id}/drafts", paged: true },
  draft: { method: "get", path: "/api/projects/{id}/drafts/{draft}" },
  deleteDraft: { method: "delete", path: "/api/projects/{id}/drafts/{draft}" },
  listMemory: { method: "get", path: "/api/projects/{id}/list-memories/{shape}" },
  remember: { method: "put", path: "/api/projects/{id}/list-memories/{shape}" },
  catalogue: { method: "get", path: "/api/catalogue" },
  catalogueVersions: { method: "get", path: "/api/catalogue/versions", paged: true },
  catalogueRevision: { method: "get", path: "/api/catalogue/{revision}" },
  newCatalogue: { method: "post", path: "/api/catalogue" },
  houseRules: { method: "get", path: "/api/house-rules" },
  houseRuleVersions: { method: "get", path: "/api/house-rules/versions", paged: true },
  houseRuleVersion: { method: "get", path: "/api/house-rules/{version}" },
  newHouseRules: { method: "post", path: "/api/house-rules" },
  sheets: { method: "get", path: "/api/tags/{id}/sheets", paged: true },
  issueSheet: { method: "post", path: "/api/tags/{id}/sheets" },
  sheet: { method: "get", path: "/api/sheets/{id}.json" },
  sheetPdf: { method: "get", path: "/api/sheets/{id}.pdf" },
  reproveSheet: { method: "post", path: "/api/sheets/{id}/reprove" },
  planPdf: { method: "get", path: "/api/tags/{id}/plans/{plan}.pdf" },
  jobs: { method: "get", path: "/api/projects/{id}/jobs", paged: true },
  job: { method: "get", path: "/api/tags/{id}/jobs/{job}" },
  jobPdf: { method: "get", path: "/api/tags/{id}/jobs/{job}.pdf" },
  handIn: { method: "post", path: "/api/tags/{id}/jobs/{job}" },
  handInPicture: {
    method: "put",
    path: "/api/tags/{id}/jobs/{job}/pictures/{picture}",
    takes: "application/octet-stream",
  },
  jobPicture: { method: "get", path: "/api/tags/{id}/jobs/{job}/pictures/{picture}" },
  askProving: { method: "post", path: "/api/projects/{id}/provings" },
  provings: { method: "get", path: "/api/projects/{id}/provings" },
  provingsLive: { method: "get", path: "/api/projects/{id}/provings/live" },
  cancelProving: { method: "delete", path: "/api/projects/{id}/provings/{proving}" },
  marks: { method: "get", path: "/api/projects/{id}/marks", paged: true },
  summaries: { method: "post", path: "/api/projects/{id}/summaries" },
  basisDecisions: { method: "get", path: "/api/projects/{id}/basis", paged: true },
  moveOn: { method: "put", path: "/api/projects/{id}/basis" },
  drift: { method: "get", path: "/api/projects/{id}/drift" },
  sheetDrift: { method: "get", path: "/api/sheets/{id}/drift" },
  acknowledgeDrift: { method: "post", path: "/api/sheets/{id}/drift" },
  keeping: { method: "get", path: "/api/keeping" },
  changeKeeping: { method: "put", path: "/api/keeping" },
} as const satisfies Record<string, Address>;

export type AddressName = keyof typeof addresses;

/** Address of an endpoint with its parameters filled in. */
export function addressOf(name: AddressName, parameters: Record<string, string> = {}): string {
  return addresses[name].path.replace(/\{(\w+)\}/g, (_, key: string) =>
    encodeURIComponent(parameters[key] ?? ""),
  );
}

/** Default and greatest number of items on a page. */
export const pageLimits = { usual: 1000, most: 10_000 } as const;
