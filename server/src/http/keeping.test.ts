import type { Keeping } from "@proven-seat/contract";
import { afterAll, beforeAll, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

const put = (body: unknown) => server.ask<Keeping & { detail: string }>("PUT", "/api/keeping", body);
const now = async () => (await server.ask<Keeping>("GET", "/api/keeping")).body;

it("keeps fourteen daily copies by default, and none beyond the limit", async () => {
  expect(await now()).toEqual({ copies: 14, version: 1 });
  expect((await put({ copies: 0, version: 1 })).body).toEqual({ copies: 0, version: 2 });
  expect((await put({ copies: 366, version: 2 })).status).toBe(200);
  for (const copies of [-1, 367, 2.5, "3", null])
    expect((await put({ copies, version: 3 })).status, `${copies}`).toBe(422);
  expect(await now()).toEqual({ copies: 366, version: 3 });
});

it("accepts one of several simultaneous changes", async () => {
  const { version } = await now();
  const answers = await Promise.all([3, 4, 5].map((copies) => put({ copies, version })));
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
  const refused = answers.find(({ status }) => status === 409)!;
  expect(refused.body.detail).toBe(
    `Another user changed the value to ${(await now()).copies} daily copies. Reload before you change it.`,
  );
});
