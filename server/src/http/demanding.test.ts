/** Effects that one request may not have on the others. */
import { setTimeout as sleep } from "node:timers/promises";
import type { Problem } from "@proven-seat/contract";
import type { Catalogue } from "@proven-seat/core/equipment/catalogue";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";

let server: TestServer;
let narrow: TestServer;
beforeAll(async () => {
  // With long time limits: the test is about order, not about the speed of a machine.
  const timeoutMs = 600_000;
  server = await startTestServer({ jobs: { timeoutMs } });
  narrow = await startTestServer({ jobs: { threads: 1, queue: 1, timeoutMs } });
});
afterAll(async () => {
  await server.end();
  await narrow.end();
});

const duty = async () => (await server.tagNamed("XV-3017")).duty;

describe("a demanding request", () => {
  it.each([
    ["full", 501],
    ["grave", 5001],
    ["brief", 20_001],
  ])("for more candidates with %s detail than the limit is refused with the limit", async (detail, limit) => {
    const answer = await server.ask<Problem>("POST", "/api/prove", { duty: await duty(), detail, limit });
    expect(answer).toMatchObject({ status: 422, body: { errors: [{ field: "limit" }] } });
    expect(answer.body.detail).toContain(String(limit - 1));
  });
  it("with lists that multiply to millions of valves is refused with their names, before they are built", async () => {
    const { catalogue } = (await server.ask<{ catalogue: Catalogue }>("GET", "/api/catalogue")).body;
    const [line] = catalogue.lines;
    const many = <T extends { id: string }>(list: readonly T[]) =>
      Array.from({ length: 150 }, (_, i) => ({ ...list[0]!, id: `x${i}` }));
    const wide = {
      ...catalogue,
      lines: [
        {
          ...line!,
          trims: many(line!.trims),
          seals: many(line!.seals),
          grades: Array(150).fill(line!.grades[0]),
        },
      ],
    };
    // Built, they would fill the memory long before they were counted.
    const answer = await server.ask<Problem>("POST", "/api/prove", { duty: await duty(), catalogue: wide });
    expect(answer).toMatchObject({ status: 422, body: { detail: expect.stringContaining("400000") } });
  });
  it("does not keep the server from answering others", async () => {
    const made = await duty();
    const proving = Promise.all(
      Array.from({ length: 4 }, () =>
        server.ask("POST", "/api/prove", { duty: made, detail: "brief", limit: 500 }),
      ),
    );
    let healthy = 0;
    let over = false;
    void proving.finally(() => {
      over = true;
    });
    while (!over) {
      expect((await server.ask("GET", "/api/health")).status).toBe(200);
      healthy++;
      await sleep(5);
    }
    expect((await proving).map((a) => a.status)).toEqual([200, 200, 200, 200]);
    // On the server's own thread no request would have been answered before the first proof.
    expect(healthy).toBeGreaterThan(10);
  });
  it("is refused with a time to retry when too many wait", async () => {
    const made = await duty();
    const answers = await Promise.all(
      Array.from({ length: 12 }, () =>
        narrow.ask<Problem>("POST", "/api/prove", { duty: made, detail: "brief", limit: 500 }),
      ),
    );
    const refused = answers.filter((a) => a.status === 429);
    expect(refused.length).toBeGreaterThan(0);
    expect(refused[0]!.headers.get("retry-after")).toBe("5");
    expect(refused[0]!.body.type).toBe("/problems/busy-server");
    expect(answers.some((a) => a.status === 200)).toBe(true);
  });
  it("that takes too long is given up, and the next is done", async () => {
    const items = Array.from({ length: 10_000 }, () => ({ requiredTorqueNm: 125 }));
    const slow = await startTestServer({ jobs: { threads: 1, timeoutMs: 1 } });
    expect(await slow.ask<Problem>("POST", "/api/calc/mounting", items)).toMatchObject({
      status: 422,
      body: { type: "/problems/too-long" },
    });
    await slow.end();
    expect((await server.ask("POST", "/api/calc/mounting", items)).status).toBe(200);
  });
  it("of a client that left makes room", async () => {
    const made = await duty();
    const gone = new AbortController();
    const asked = fetch(`${narrow.url}/api/prove`, {
      method: "POST",
      body: JSON.stringify({ duty: made, detail: "full", limit: 500 }),
      headers: { "content-type": "application/json" },
      signal: gone.signal,
    }).catch(() => null);
    await new Promise((r) => setTimeout(r, 50));
    gone.abort();
    await asked;
    await expect
      .poll(async () => (await narrow.ask("POST", "/api/prove", { duty: made, limit: 1 })).status)
      .toBe(200);
  });
});
