import type { CatalogueVersion, Problem, Tag } from "@proven-seat/contract";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { editable, startTestServer, type TestServer } from "../../test/api.ts";
import { logged } from "../../test/logged.ts";
import { send } from "../../test/send.ts";

let server: TestServer;
const kept = logged();
beforeAll(async () => {
  server = await startTestServer({ log: kept.log });
});
afterAll(() => server.end());

describe("manners of HTTP", () => {
  it.each([
    ["PATCH", "/api/projects", "GET, HEAD, POST"],
    ["DELETE", "/api/prove", "POST"],
    ["PUT", "/api/catalogue", "GET, HEAD, POST"],
    ["POST", "/api/tags/00000000-0000-4000-8000-000000000000", "GET, HEAD, PUT, DELETE"],
    ["GET", "/api/calc/mounting", "POST"],
  ])("%s %s is not allowed", async (method, path, allow) => {
    const answer = await server.ask<Problem>(method, path);
    expect(answer.status).toBe(405);
    expect(answer.headers.get("allow")).toBe(allow);
    expect(answer.body).toMatchObject({
      type: "/problems/not-this-way",
      detail: expect.stringContaining(path),
    });
  });
  it("names an unknown address, up to a readable length", async () => {
    const { status, body } = await server.ask<Problem>("GET", "/api/nothing/at?all=1");
    expect(status).toBe(404);
    expect(body.detail).toContain("GET /api/nothing/at?all=1");
    const long = await server.ask<Problem>("GET", `/api/${"x".repeat(5000)}`);
    expect(long.body.detail.length).toBeLessThan(500);
  });
  it("does not send a tag or the catalogue again to a client that has it", async () => {
    const tag = await server.tagNamed("XV-3017");
    const again = async (path: string, etag: string) =>
      (await send(server, "GET", path, { "if-none-match": etag })).status;
    for (const path of [`/api/tags/${tag.id}`, "/api/catalogue"]) {
      const etag = (await server.ask("GET", path)).headers.get("etag")!;
      expect(await again(path, etag)).toBe(304);
      expect(await again(path, '"another"')).toBe(200);
    }
    const before = (await server.ask("GET", `/api/tags/${tag.id}`)).headers.get("etag")!;
    await server.ask<Tag>("PUT", `/api/tags/${tag.id}`, { ...editable(tag), service: "changed" });
    expect(await again(`/api/tags/${tag.id}`, before)).toBe(200);
  });
  it("knows no missing project, whatever is asked about it", async () => {
    for (const path of ["tags", "tags.csv"])
      expect(
        (await server.ask("GET", `/api/projects/00000000-0000-4000-8000-000000000000/${path}`)).status,
      ).toBe(404);
  });
  it("quotes no megabytes", async () => {
    const tag = await server.tagNamed("XV-3017");
    const { status, body } = await server.ask<Problem>("PUT", `/api/tags/${tag.id}`, {
      ...editable(tag),
      duty: { ...tag.duty, fluid: { ...tag.duty.fluid, substance: "x".repeat(2_000_000) } },
    });
    expect(status).toBe(422);
    expect(JSON.stringify(body).length).toBeLessThan(5000);
  });
});

describe("the log", () => {
  it("names the failed request and its place, and nothing of its content", async () => {
    const tag = await server.tagNamed("XV-1021");
    await server.sql("alter table duty_version add constraint never check (version < 2) not valid");
    const secret = "a value nobody may read in a log";
    kept.text = "";
    const answer = await server.ask<Problem>("PUT", `/api/tags/${tag.id}`, {
      ...editable(tag),
      duty: { ...tag.duty, fluid: { ...tag.duty.fluid, name: secret } },
    });
    await server.sql("alter table duty_version drop constraint never");
    expect(answer.status).toBe(500);
    const line = kept.text.split("\n").find((line) => line.includes("request failed"))!;
    expect(JSON.parse(line)).toMatchObject({ problem: "failed", code: "23514", req: { method: "PUT" } });
    expect(kept.text).not.toContain(secret);
    expect(line.length).toBeLessThan(3000);
    expect(answer.body.detail).toContain("log");
  });
});

describe("the catalogue in force", () => {
  it("is the newest, also after an earlier one was cached", async () => {
    const newest = (await server.ask<CatalogueVersion>("GET", "/api/catalogue")).body;
    await server.ask("POST", "/api/catalogue", {
      catalogue: { ...newest.catalogue, name: "Another" },
      reason: "a try",
      basedOn: newest.revision,
    });
    const two = (await server.ask<CatalogueVersion>("GET", "/api/catalogue")).body;
    expect([two.revision, two.catalogue.name]).toEqual([newest.revision + 1, "Another"]);
    expect(two.digest).not.toBe(newest.digest);
  });
});
