import { emptyDuty } from "@proven-seat/core/duty";
import { describe, expect, it } from "vitest";
import { addressOf, pageLimits } from "./addresses.ts";
import type { Endpoint } from "./endpoint.ts";
import { endpoints } from "./endpoints/index.ts";
import { importSchema } from "./list-records.ts";
import { openApiDocument } from "./open-api.ts";
import { choiceSchema, newHouseRulesSchema, saveTagSchema, tagContentSchema } from "./records.ts";

const named = Object.entries(endpoints as Record<string, Endpoint>);

describe("endpoints", () => {
  it("have an address of their own below /api", () => {
    const addresses = named.map(([, e]) => `${e.method} ${e.path}`);
    expect(new Set(addresses).size).toBe(addresses.length);
    for (const [, e] of named) expect(e.path).toMatch(/^\/api\//);
  });
  it("fill in and escape parameters", () => {
    expect(addressOf("sheetPdf", { id: "a b/c" })).toBe("/api/sheets/a%20b%2Fc.pdf");
    expect(addressOf("projects")).toBe("/api/projects");
  });
  it("name the project they belong to, like their path", () => {
    for (const [name, { path, project, paged, answer }] of named) {
      const said = /\/projects\/\{id\}/.test(path)
        ? "in path"
        : /\/tags\/\{id\}/.test(path)
          ? "of tag"
          : /\/sheets\/\{id\}/.test(path)
            ? "of sheet"
            : null;
      expect(project, name).toBe(said);
      if (project !== null) expect(endpoints[name as "tag"].problems, name).toContain(404);
      if (paged) expect(answer!.safeParse([]).success, name).toBe(true);
    }
  });
  it("only let an engineer read stored data", () => {
    for (const [name, { project, method, role }] of named)
      if (project !== null || (method !== "get" && name !== "calculate")) expect(role, name).toBe("engineer");
  });
  it("list their problem documents wherever they take a body", () => {
    for (const [name, e] of named)
      if (e.body && name !== "calculate") expect(e.problems, name).toContain(422);
  });
});

describe("OpenAPI", () => {
  const document = openApiDocument("9.9.9") as {
    info: { version: string };
    paths: Record<
      string,
      Record<
        string,
        {
          parameters?: { name: string; in: string }[];
          responses: Record<string, unknown>;
          requestBody?: unknown;
        }
      >
    >;
    components: { schemas: object };
  };

  it("describes every endpoint with its parameters, body and answers", () => {
    expect(document.info.version).toBe("9.9.9");
    for (const [name, e] of named) {
      const operation = document.paths[e.path]![e.method]!;
      expect(Object.keys(operation.responses), name).toContain(String(e.status ?? 200));
      expect(operation.requestBody !== undefined, name).toBe(e.body !== undefined || e.takes !== undefined);
      const inPath = (operation.parameters ?? []).filter((p) => p.in === "path").map((p) => p.name);
      const inQuery = (operation.parameters ?? []).filter((p) => p.in === "query").map((p) => p.name);
      expect(inQuery.includes("after"), name).toBe(e.paged === true);
      expect(inPath).toEqual([...e.path.matchAll(/\{(\w+)\}/g)].map((m) => m[1]));
    }
  });
  it("names only schemas that it contains", () => {
    const text = JSON.stringify(document);
    for (const [, name] of text.matchAll(/"#\/components\/schemas\/(\w+)"/g))
      expect(document.components.schemas).toHaveProperty(name!);
    expect(text).not.toContain("$schema");
  });
});

describe("pages", () => {
  it("are never larger than may be asked for", () =>
    expect(pageLimits.usual).toBeLessThanOrEqual(pageLimits.most));
});

describe("records", () => {
  const tag = { number: " XV-1 ", duty: emptyDuty };
  it("trims entered text and fills in defaults", () => {
    expect(tagContentSchema.parse(tag)).toEqual({
      number: "XV-1",
      service: "",
      unit: "",
      duty: emptyDuty,
      choice: null,
    });
  });
  it.each([
    ["a blank number", tagContentSchema, { ...tag, number: " " }],
    ["a long service", tagContentSchema, { ...tag, service: "x".repeat(121) }],
    ["a save without version", saveTagSchema, tag],
    ["a choice without valve", choiceSchema, { valve: "", drive: null }],
    ["an empty import", importSchema, { tags: [] }],
    ["a change of rules without reason", newHouseRulesSchema, { values: {}, reason: " ", basedOn: 1 }],
  ])("refuse %s", (_, schema, value) => expect(schema.safeParse(value).success).toBe(false));
});
