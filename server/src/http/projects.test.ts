import type { Project, TagRow } from "@proven-seat/contract";
import { noDefaults } from "@proven-seat/core/duty";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

const list = async () => (await server.ask<Project[]>("GET", "/api/projects")).body;
const begin = (body: unknown) => server.ask<Project & { detail: string }>("POST", "/api/projects", body);
const tagsOf = async ({ id }: Project) =>
  (await server.ask<TagRow[]>("GET", `/api/projects/${id}/tags`)).body;

describe("projects", () => {
  it("are the demonstration and an empty one at first", async () => {
    expect((await list()).map(({ name, tags }) => [name, tags > 0])).toEqual([
      [expect.any(String), true],
      ["My plant", false],
    ]);
  });
  it("start empty, with their defaults", async () => {
    const { status, body } = await begin({
      name: " North ",
      numbering: "XV-####",
      defaults: { ...noDefaults, operator: "electric" },
    });
    expect(status).toBe(201);
    expect(body).toMatchObject({
      name: "North",
      numbering: "XV-####",
      tags: 0,
      archived: false,
      version: 1,
      opensOn: null,
    });
    expect(body.defaults).toMatchObject({ operator: "electric", area: null });
  });
  it("start as a copy of another: tags, duties, remarks and choices, with a history of their own", async () => {
    const [demo] = await list();
    const { body: copy } = await begin({ name: "Copy", copyOf: demo!.id });
    const [from, to] = [await tagsOf(demo!), await tagsOf(copy)];
    expect(to.map(({ number, service, dn }) => [number, service, dn])).toEqual(
      from.map(({ number, service, dn }) => [number, service, dn]),
    );
    expect(to.every(({ id, sheet }) => sheet === null && !from.some((row) => row.id === id))).toBe(true);
    const history = await server.ask<{ version: number }[]>("GET", `/api/tags/${to[0]!.id}/duties`);
    expect(history.body.map(({ version }) => version)).toEqual([1]);
    expect((await begin({ name: "x", copyOf: "00000000-0000-4000-8000-000000000000" })).status).toBe(404);
  });
  it("have each a name of their own", async () => {
    const [demo, other] = await list();
    const again = await begin({ name: demo!.name });
    expect(again.status).toBe(409);
    expect(again.body.detail).toMatch(/Project .* already exists. Enter another name/);
    const { id, tags: _, opensOn: __, catalogueRevision: ___, houseRuleVersion: ____, ...content } = other!;
    expect((await server.ask("PUT", `/api/projects/${id}`, { ...content, name: demo!.name })).status).toBe(
      409,
    );
  });
  it("are renamed, edited and archived on the version seen", async () => {
    const own = (await list()).find(({ name }) => name === "My plant")!;
    const { id, tags: _, opensOn: __, catalogueRevision: ___, houseRuleVersion: ____, ...content } = own;
    const put = (body: unknown) =>
      server.ask<Project & { detail: string }>("PUT", `/api/projects/${id}`, body);
    expect((await put({ ...content, name: "Works", archived: true })).body).toMatchObject({
      name: "Works",
      archived: true,
      version: 2,
    });
    const stale = await put({ ...content, name: "Other" });
    expect(stale.status).toBe(409);
    expect(stale.body.detail).toMatch(/Project Works has changed since you opened it/);
    for (const wrong of [
      { name: "" },
      { numbering: "XV" },
      { numbering: "#-#" },
      { defaults: { airMinimumBarG: 9, airMaximumBarG: 5 } },
      { unitSystem: "furlongs" },
    ])
      expect((await put({ ...content, version: 2, ...wrong })).status, JSON.stringify(wrong)).toBe(422);
  });
});
