import type { HouseRuleVersion, ImportResult, Problem, Tag, TagRow } from "@proven-seat/contract";
import { emptyDuty } from "@proven-seat/core/duty";
import { convertLineList, findTable, gridOfText, planFor } from "@proven-seat/core/duty/line-list";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { tries } from "../../../core/test/effort.ts";
import { editable, startTestServer, type TestServer } from "../../test/api.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

const projectPath = async () => `/api/projects/${(await server.project()).id}`;

describe("health, addresses, documents", () => {
  it("reports database and migrations", async () => {
    const { status, body } = await server.ask("GET", "/api/health");
    expect(status).toBe(200);
    expect(body).toMatchObject({ status: "ok", database: "reachable", migrations: { pending: 0 } });
  });
  it("describes every endpoint in OpenAPI 3.1", async () => {
    const { body } = await server.ask<{ openapi: string; paths: Record<string, unknown> }>(
      "GET",
      "/api/openapi.json",
    );
    expect(body.openapi).toBe("3.1.0");
    expect(Object.keys(body.paths)).toEqual(
      expect.arrayContaining(["/api/tags/{id}", "/api/prove", "/api/calc/{name}", "/api/sheets/{id}.pdf"]),
    );
  });
  it("publishes the sheet's JSON Schema", async () => {
    expect((await server.ask("GET", "/api/schemas/sheet.json")).body).toMatchObject({
      type: "object",
      required: expect.arrayContaining(["digest", "engine"]),
    });
  });
  it("answers an unknown address and a missing record with problem documents", async () => {
    for (const path of ["/api/nothing", "/api/tags/4711", "/api/tags/00000000-0000-4000-8000-000000000000"]) {
      const { status, headers, body } = await server.ask<Problem>("GET", path);
      expect([status, headers.get("content-type")]).toEqual([
        404,
        expect.stringContaining("application/problem+json"),
      ]);
      expect(body.detail.length).toBeGreaterThan(20);
    }
  });
  it("sends a strict content security policy that names no other host", async () => {
    const policy = (await server.ask("GET", "/api/health")).headers.get("content-security-policy")!;
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toMatch(/https?:|unsafe|\*/);
  });
});

describe("calculations and proof over HTTP", () => {
  it("computes one item and arrays with failures in their places", async () => {
    expect((await server.ask("POST", "/api/calc/mounting", { requiredTorqueNm: 125 })).body).toEqual({
      flange: "F05",
      maximumTorqueNm: 125,
    });
    const { status, body } = await server.ask("POST", "/api/calc/mounting", [{ requiredTorqueNm: 1 }, {}]);
    expect(status).toBe(200);
    expect(body).toMatchObject([
      { flange: "F03" },
      { error: { code: "invalid-input", field: "requiredTorqueNm" } },
    ]);
  });
  it("answers a failed item with a problem and an unknown name with 404", async () => {
    expect(await server.ask("POST", "/api/calc/mounting", { requiredTorqueNm: 300000 })).toMatchObject({
      status: 422,
      body: { type: "/problems/torque-above-largest-flange" },
    });
    expect((await server.ask("POST", "/api/calc/magic", {})).status).toBe(404);
  });
  it("proves a duty against the current catalogue and rules", async () => {
    const tag = await server.tagNamed("XV-3017");
    const { status, body } = await server.ask<{
      candidates: { verdict: string; findings: unknown[] }[];
      considered: number;
    }>("POST", "/api/prove", { duty: tag.duty, limit: 2 });
    expect(status).toBe(200);
    expect(body.candidates).toHaveLength(2);
    expect(body.considered).toBeGreaterThan(500);
    expect(body.candidates[0]!.findings.length).toBeGreaterThan(20);
  });
  it("names the place of a fault in a duty", async () => {
    const { status, body } = await server.ask<Problem>("POST", "/api/prove", { duty: { dn: 155 } });
    expect([status, body.errors![0]!.field]).toEqual([422, "duty.dn"]);
  });
});

describe("tags", () => {
  it("lists what a row shows of each tag, and no duty", async () => {
    const { body } = await server.ask<TagRow[]>("GET", `${await projectPath()}/tags`);
    expect(body.length).toBeGreaterThanOrEqual(16);
    for (const row of body) expect(row).not.toHaveProperty("duty");
  });
  it("adds, edits with versions, keeps every duty, and removes", async () => {
    const created = await server.ask<Tag>("POST", `${await projectPath()}/tags`, {
      number: "XV-T1",
      duty: emptyDuty,
    });
    expect(created).toMatchObject({
      status: 201,
      body: { version: 1, dutyVersion: 1, updatedBy: "engineer" },
    });
    const tag = created.body;
    const saved = await server.ask<Tag>("PUT", `/api/tags/${tag.id}`, {
      ...editable(tag),
      duty: { ...emptyDuty, dn: 50 },
    });
    expect(saved.body).toMatchObject({ version: 2, dutyVersion: 2, duty: { dn: 50 } });
    const renamed = await server.ask<Tag>("PUT", `/api/tags/${tag.id}`, {
      ...editable(saved.body),
      service: "renamed",
    });
    expect(renamed.body).toMatchObject({ version: 3, dutyVersion: 2 });
    expect((await server.ask<Tag>("PUT", `/api/tags/${tag.id}`, editable(renamed.body))).body.version).toBe(
      3,
    );
    expect(
      (await server.ask<{ version: number }[]>("GET", `/api/tags/${tag.id}/duties`)).body.map(
        (d) => d.version,
      ),
    ).toEqual([2, 1]);
    const remove = (version: string) => server.ask("DELETE", `/api/tags/${tag.id}${version}`);
    expect(await remove("")).toMatchObject({ status: 422, body: { errors: [{ field: "version" }] } });
    expect(await remove("?version=2")).toMatchObject({ status: 409, body: { current: { version: 3 } } });
    expect((await remove("?version=3")).status).toBe(204);
    expect((await server.ask("GET", `/api/tags/${tag.id}`)).status).toBe(404);
  });
  it("refuses a stale edit with both versions and stores nothing of it", async () => {
    const tag = await server.tagNamed("XV-1021");
    await server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(tag), service: "theirs" });
    const { status, body } = await server.ask<Problem>("PUT", `/api/tags/${tag.id}`, {
      ...editable(tag),
      service: "mine",
    });
    expect(status).toBe(409);
    expect(body).toMatchObject({
      type: "/problems/stale",
      current: { service: "theirs", version: tag.version + 1 },
      yours: { service: "mine", version: tag.version },
    });
    expect((await server.tagNamed("XV-1021")).service).toBe("theirs");
  });
  it("lets exactly one of many simultaneous edits through", async () => {
    const tag = await server.tagNamed("XV-2003");
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(tag), service: `edit ${i}` }),
      ),
    );
    expect(answers.map((a) => a.status).sort()).toEqual([200, ...Array.from({ length: 7 }, () => 409)]);
  });
  it.each([
    ["a taken number", { number: "XV-3017", duty: emptyDuty }, 409, "number"],
    ["no number", { number: "  ", duty: emptyDuty }, 422, "number"],
    ["an unknown field", { number: "X", duty: emptyDuty, colour: 1 }, 422, "colour"],
    [
      "a bad case",
      {
        number: "X",
        duty: {
          ...emptyDuty,
          cases: [
            { id: "a", kind: "normal", name: "n", upstreamBarG: -2, downstreamBarG: null, temperatureC: 1 },
          ],
        },
      },
      422,
      "duty.cases.0.upstreamBarG",
    ],
  ])("refuses %s at its place and stores nothing", async (_, body, status, field) => {
    const before = (await server.project()).tags;
    const answer = await server.ask<Problem>("POST", `${await projectPath()}/tags`, body);
    expect([answer.status, answer.body.errors?.[0]?.field]).toEqual([status, field]);
    expect((await server.project()).tags).toBe(before);
  });
  it("refuses what is not JSON", async () => {
    expect(await server.ask("POST", `${await projectPath()}/tags`, "{broken")).toMatchObject({
      status: 400,
      body: { type: "/problems/not-json" },
    });
  });
  it("refuses a body of 26 MB", async () => {
    const answer = await server.ask<Problem>("POST", `${await projectPath()}/imports`, {
      tags: "x".repeat(26 * 1024 * 1024),
    });
    expect([answer.status, answer.body.type]).toEqual([413, "/problems/too-large"]);
  });
});

describe("import and export", () => {
  it("exports what imports back to the same, and updating with it changes nothing", async () => {
    const path = await projectPath();
    const csv = (await server.ask<string>("GET", `${path}/tags.csv`)).body;
    const table = findTable(gridOfText(csv));
    const { tags } = convertLineList(table, planFor(table));
    const { body } = await server.ask<ImportResult>("POST", `${path}/imports`, { tags, existing: "update" });
    expect(body).toEqual({ added: 0, updated: 0, unchanged: tags.length, removed: 0 });
  });
  it("is all or nothing", async () => {
    const path = await projectPath();
    const before = (await server.project()).tags;
    const tagWith = (number: string, dn = 50) => ({
      number,
      service: "",
      unit: "",
      duty: { ...emptyDuty, dn },
    });
    expect(
      (await server.ask("POST", `${path}/imports`, { tags: [tagWith("N-1"), tagWith("XV-3017")] })).status,
    ).toBe(409);
    expect(
      (await server.ask("POST", `${path}/imports`, { tags: [tagWith("N-1"), tagWith("N-1")] })).status,
    ).toBe(409);
    const bad = await server.ask<Problem>("POST", `${path}/imports`, {
      tags: [tagWith("N-1"), tagWith("N-2", 51)],
    });
    expect([bad.status, bad.body.errors![0]!.field]).toEqual([422, "tags.1.duty.dn"]);
    expect((await server.project()).tags).toBe(before);
  });
  it("takes thousands of tags and lists them, page after page", async () => {
    const path = await projectPath();
    const length = tries(2500, 10_000);
    const tags = Array.from({ length }, (_, i) => ({
      number: `BULK-${String(i).padStart(5, "0")}`,
      service: "bulk",
      unit: "",
      duty: { ...emptyDuty, dn: 50 },
    }));
    expect(await server.ask("POST", `${path}/imports`, { tags })).toMatchObject({
      status: 201,
      body: { added: length },
    });
    const listed = await server.everyPage<TagRow>(`${path}/tags`);
    expect(listed.length).toBeGreaterThan(length);
    expect(new Set(listed.map((r) => r.id)).size).toBe(listed.length);
    expect(listed.length).toBe((await server.project()).tags);
    expect((await server.ask("POST", `${path}/imports`, { tags: Array(10_001).fill(tags[0]) })).status).toBe(
      422,
    );
  });
});

describe("house rules", () => {
  it("puts a new version in force and refuses one based on an older", async () => {
    const { body: first } = await server.ask<HouseRuleVersion>("GET", "/api/house-rules");
    const next = {
      values: { ...first.values, serviceFactor: 1.25 },
      reason: "harder water",
      basedOn: first.version,
    };
    expect(await server.ask("POST", "/api/house-rules", next)).toMatchObject({
      status: 201,
      body: { version: first.version + 1 },
    });
    expect(await server.ask("POST", "/api/house-rules", next)).toMatchObject({
      status: 409,
      body: { type: "/problems/stale" },
    });
    expect((await server.ask<unknown[]>("GET", "/api/house-rules/versions")).body).toHaveLength(2);
  });
  it("accepts one of several that are put in force at once", async () => {
    const { body } = await server.ask<HouseRuleVersion>("GET", "/api/house-rules");
    const next = (serviceFactor: number) => ({
      values: { ...body.values, serviceFactor },
      reason: "at once",
      basedOn: body.version,
    });
    const answers = await Promise.all(
      [1.3, 1.31, 1.32, 1.33, 1.34].map((factor) => server.ask("POST", "/api/house-rules", next(factor))),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409, 409, 409, 409]);
  });
  it("refuses a value outside its range and a change without a reason", async () => {
    const { body } = await server.ask<HouseRuleVersion>("GET", "/api/house-rules");
    const bad = await server.ask<Problem>("POST", "/api/house-rules", {
      values: { ...body.values, serviceFactor: 3 },
      reason: " ",
      basedOn: body.version,
    });
    expect(bad.body.errors!.map((e) => e.field).sort()).toEqual(["reason", "values.serviceFactor"]);
  });
});
