import type { CatalogueRow, CatalogueVersion, Problem } from "@proven-seat/contract";
import type { Catalogue } from "@proven-seat/core/equipment/catalogue";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

const current = async () => (await server.ask<CatalogueVersion>("GET", "/api/catalogue")).body;
const changed = (catalogue: Catalogue, change: (copy: Catalogue) => void): Catalogue => {
  const copy = structuredClone(catalogue);
  change(copy);
  return copy;
};
const put = (catalogue: unknown, basedOn: number, reason = "the maker's new list") =>
  server.ask<CatalogueRow & Problem>("POST", "/api/catalogue", { catalogue, reason, basedOn });

describe("the catalogue", () => {
  it("takes a new revision, keeps the old one, and proves from the new", async () => {
    const { revision, catalogue } = await current();
    const next = changed(catalogue, (c) => c.lines.splice(1));
    const { status, body } = await put(next, revision);
    expect(status).toBe(201);
    expect(body).toMatchObject({ revision: revision + 1, reason: "the maker's new list" });
    const now = await current();
    expect(now.revision).toBe(revision + 1);
    // The shelf numbers its own revisions, whatever number the document has.
    expect(now.catalogue).toEqual({ ...next, revision: revision + 1 });
    const old = await server.ask<CatalogueVersion>("GET", `/api/catalogue/${revision}`);
    expect(old.body.catalogue).toEqual(catalogue);
    const rows = (await server.ask<CatalogueRow[]>("GET", "/api/catalogue/versions")).body;
    expect(rows.map((r) => r.revision)).toEqual([revision + 1, revision]);
    expect(rows[0]).not.toHaveProperty("catalogue");
    const proof = await server.ask<{ candidates: { valve: { line: string } }[] }>("POST", "/api/prove", {
      duty: { dn: 100, lineDesignation: "class 150" },
      limit: 50,
    });
    expect(new Set(proof.body.candidates.map((c) => c.valve.line))).toEqual(new Set([next.lines[0]!.name]));
  });
  it("refuses a broken one with place and reason, and stores nothing of it", async () => {
    const { revision, catalogue } = await current();
    const broken = changed(catalogue, (c) => {
      c.lines[0]!.sizes[0]!.pad = "F99";
      c.lines[0]!.grades[0]!.grade = "A999";
    });
    const { status, body } = await put(broken, revision);
    expect(status).toBe(422);
    expect(body.type).toMatch(/invalid-catalogue/);
    expect(body.errors).toEqual(
      expect.arrayContaining([
        {
          field: `lines/${catalogue.lines[0]!.id}, row 1, sizes.0.pad`,
          message: expect.stringContaining("F99"),
        },
        {
          field: `lines/${catalogue.lines[0]!.id}, row 1, grades.0.grade`,
          message: expect.stringContaining("A999"),
        },
      ]),
    );
    for (const nonsense of [null, 7, [], { lines: [] }, "text"])
      expect((await put(nonsense, revision)).status).toBe(422);
    expect((await put(catalogue, revision, " ")).status).toBe(422);
    expect((await current()).revision).toBe(revision);
  });
  it("refuses one based on an older revision, and one that changes nothing", async () => {
    const { revision, catalogue } = await current();
    const next = changed(catalogue, (c) => {
      c.lines[0]!.sizes[0]!.price += 1;
    });
    expect((await put(next, revision - 1)).body).toMatchObject({ status: 409, type: "/problems/stale" });
    expect((await put({ ...catalogue, revision: 99 }, revision)).body).toMatchObject({
      type: "/problems/same-catalogue",
    });
    const answers = await Promise.all(Array.from({ length: 6 }, () => put(next, revision)));
    expect(answers.map((a) => a.status).sort()).toEqual([201, ...Array(5).fill(409)]);
  });
  it("reports a missing revision", async () => {
    for (const revision of ["0", "999", "x", "1.5"])
      expect((await server.ask("GET", `/api/catalogue/${revision}`)).status, revision).toBe(404);
  });
});
