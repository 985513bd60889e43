import type { Problem } from "@proven-seat/contract";
import { endpoints } from "@proven-seat/contract";
import fc from "fast-check";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { editable, startTestServer, type TestServer } from "../../test/api.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

/** Counts the stored records: awkward input may add none. */
const stored = async () => {
  const tables = ["tag", "duty_version", "catalogue_version", "house_rule_version", "sheet", "proof"];
  const counts = await Promise.all(tables.map((t) => server.sql(`select count(*)::int as n from ${t}`)));
  return Object.fromEntries(tables.map((t, i) => [t, counts[i]!.rows[0].n as number]));
};

describe("any request", () => {
  const writing = Object.values(endpoints).filter((e) => e.method !== "get");
  it("is answered with a problem a person can act on, and stores nothing", async () => {
    const project = await server.project();
    const tag = await server.tagNamed("XV-3017");
    const before = await stored();
    await fc.assert(
      fc.asyncProperty(fc.constantFrom(...writing), fc.jsonValue({ maxDepth: 3 }), async (endpoint, body) => {
        const path = endpoint.path
          .replace("/api/projects/{id}", `/api/projects/${project.id}`)
          .replace("/api/tags/{id}", `/api/tags/${tag.id}`)
          .replace(/\{\w+\}/g, "nothing");
        if (endpoint.method === "delete") return;
        const answer = await server.ask<Problem>(endpoint.method.toUpperCase(), path, JSON.stringify(body));
        // A list of no items is a good question to the calculator and to the duties.
        if (answer.status < 300) return expect(path).toMatch(/calc|duties|imports|prove/);
        expect(answer.status, `${path} ${JSON.stringify(body)}`).toBeLessThan(500);
        expect(answer.headers.get("content-type")).toContain("application/problem+json");
        expect(answer.body).toMatchObject({
          status: answer.status,
          type: expect.stringMatching(/^\/problems\//),
        });
        expect(answer.body.detail.length).toBeGreaterThan(10);
      }),
      { numRuns: 150 },
    );
    expect(await stored()).toEqual(before);
  });
  it.each([
    ["GET", "/api/tags/not-an-id", 404],
    ["GET", "/api/tags/00000000-0000-4000-8000-000000000000", 404],
    ["GET", "/api/sheets/%00", 404],
    ["GET", "/api/nothing", 404],
    ["GET", "/api/projects/x/tags", 404],
    ["DELETE", "/api/tags/00000000-0000-4000-8000-000000000000", 404],
    ["POST", "/api/sheets/00000000-0000-4000-8000-000000000000/reprove", 404],
  ])("%s %s is %i", async (method, path, status) => {
    const answer = await server.ask<Problem>(method, path);
    expect([answer.status, answer.headers.get("content-type")]).toEqual([
      status,
      expect.stringContaining("problem+json"),
    ]);
  });
  it("keeps signs, quotes and scripts of a name as text", async () => {
    const tag = await server.tagNamed("XV-1021");
    const service = `Ω ≤ ₂ "quoted"; drop table tag; <script>alert(1)</script> \u{1F527}`;
    const saved = await server.ask<typeof tag>("PUT", `/api/tags/${tag.id}`, { ...editable(tag), service });
    expect(saved.status).toBe(200);
    expect((await server.tagNamed("XV-1021")).service).toBe(service);
  });
  it("refuses a text with a null sign, which the database cannot hold", async () => {
    const tag = await server.tagNamed("XV-1021");
    const answer = await server.ask<Problem>("PUT", `/api/tags/${tag.id}`, {
      ...editable(tag),
      service: "a\u0000b",
    });
    expect(answer.status).toBe(422);
    expect(answer.body.errors?.[0]?.field).toBe("service");
  });
  it("lists the problem documents and answers", async () => {
    const { status, body } = await server.ask<{ paths: object; openapi: string }>("GET", "/api/openapi.json");
    expect(status).toBe(200);
    expect(body.openapi).toMatch(/^3\.1/);
    expect(Object.keys(body.paths)).toHaveLength(new Set(Object.values(endpoints).map((e) => e.path)).size);
  });
});
