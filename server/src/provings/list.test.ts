import { setTimeout as sleep } from "node:timers/promises";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { Proving } from "@proven-seat/contract";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";
import { list } from "./list.ts";
import { readyBases } from "./ready.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

describe("a chunk that takes long", () => {
  it("stores its results while the rest is still to come", async () => {
    const project = (await server.project()).id;
    await server.sql("delete from tag_result");
    await server.ask<Proving>("POST", `/api/projects/${project}/provings`, { what: "list" });
    const [{ basis_id: basis }] = (await server.sql("select basis_id from proving")).rows;
    const em = server.orm.em.fork() as EntityManager;
    const ids = (await list.stale(em, project, basis)).slice(0, 6);
    const stored = async () => Number((await server.sql("select count(*) as n from tag_result")).rows[0].n);
    const seen: number[] = [];
    await list.prove(em, ids, await readyBases()(em, basis), async () => {
      seen.push(await stored());
      // Two seconds for one, as on a busy machine.
      if (seen.length === 4) await sleep(2000);
      return true;
    });
    expect(seen).toHaveLength(6);
    expect(seen[0]).toBe(0);
    expect(seen[4]).toBeGreaterThanOrEqual(3);
    expect(await stored()).toBe(6);
  });
});
