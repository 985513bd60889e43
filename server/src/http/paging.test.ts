import type { HouseRuleVersion, Problem, TagRow } from "@proven-seat/contract";
import { endpoints, pageLimits } from "@proven-seat/contract";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

const next = (headers: Headers) => /<([^>]+)>; rel="next"/.exec(headers.get("link") ?? "")?.[1];
const tagsPath = async () => `/api/projects/${(await server.project()).id}/tags`;

describe("lists in pages", () => {
  it.each([1, 7, 61, 63, 64])("of %i tags hold every tag once and in order", async (limit) => {
    const path = await tagsPath();
    const whole = (await server.ask<TagRow[]>("GET", path)).body;
    expect(whole).toHaveLength(64);
    expect(await server.everyPage<TagRow>(`${path}?limit=${limit}`)).toEqual(whole);
  });
  it("end without a link", async () => {
    const path = await tagsPath();
    expect(next((await server.ask("GET", path)).headers)).toBeUndefined();
    expect(next((await server.ask("GET", `${path}?limit=64`)).headers)).toBeUndefined();
    expect(next((await server.ask("GET", `${path}?limit=51`)).headers)).toContain(path);
  });
  it("are not disturbed by a tag that is added or removed between two pages", async () => {
    const path = await tagsPath();
    const first = await server.ask<TagRow[]>("GET", `${path}?limit=20`);
    const added = await server.ask<TagRow>("POST", path, { number: "AA-first", duty: {} });
    const second = await server.ask<TagRow[]>("GET", next(first.headers)!);
    const seen = [...first.body, ...second.body].map((r) => r.number);
    expect(new Set(seen).size).toBe(seen.length);
    await server.ask("DELETE", `/api/tags/${added.body.id}?version=1`);
  });
  it("follow tags whose numbers contain special characters", async () => {
    const path = await tagsPath();
    const numbers = ["0 & ?a=b#c%", "0+1/2", '0"quoted"'];
    const made = await Promise.all(
      numbers.map((number) => server.ask<TagRow>("POST", path, { number, duty: {} })),
    );
    const listed = (await server.everyPage<TagRow>(`${path}?limit=1`)).map((r) => r.number);
    expect(listed).toEqual(expect.arrayContaining(numbers));
    expect(listed).toHaveLength(67);
    for (const { body } of made) await server.ask("DELETE", `/api/tags/${body.id}?version=1`);
  });
  it("count versions downwards", async () => {
    const inForce = (await server.ask<HouseRuleVersion>("GET", "/api/house-rules")).body;
    for (const factor of [1.3, 1.4, 1.5]) {
      const { version } = (await server.ask<HouseRuleVersion>("GET", "/api/house-rules")).body;
      const values = { ...inForce.values, serviceFactor: factor };
      await server.ask("POST", "/api/house-rules", { values, reason: "a try", basedOn: version });
    }
    const versions = await server.everyPage<HouseRuleVersion>("/api/house-rules/versions?limit=3");
    expect(versions.map((v) => v.version)).toEqual([4, 3, 2, 1]);
  });
  it.each([
    ["/api/projects", "limit=0", "limit"],
    ["/api/projects", `limit=${pageLimits.most + 1}`, "limit"],
    ["/api/projects", "limit=many", "limit"],
    ["/api/projects", "limit=1&limit=2", "limit"],
    ["/api/projects", "after=nobody", "after"],
    ["/api/projects", "after=00000000-0000-4000-8000-000000000000", "after"],
    ["/api/house-rules/versions", "after=-1", "after"],
    ["/api/catalogue/versions", "after=99999999999999999999", "after"],
    ["/api/catalogue/versions", "after=1%00", "after"],
  ])("%s?%s is refused at its place", async (path, query, field) => {
    const { status, body } = await server.ask<Problem>("GET", `${path}?${query}`);
    expect([status, body.errors?.[0]?.field]).toEqual([422, field]);
  });
  it("are used by every endpoint that answers with an array of records", () => {
    const lists = Object.entries(endpoints).filter(
      ([, endpoint]) => endpoint.method === "get" && endpoint.answer?.type === "array",
    );
    expect(lists.filter(([, endpoint]) => !("paged" in endpoint)).map(([name]) => name)).toEqual([
      "calculations",
      // At most twenty are listed.
      "provings",
    ]);
  });
});
