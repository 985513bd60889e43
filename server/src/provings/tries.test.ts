import type { EntityManager } from "@mikro-orm/postgresql";
import type { Proving } from "@proven-seat/contract";
import type PgBoss from "pg-boss";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { editable, startTestServer, type TestServer } from "../../test/api.ts";
import { connectQueue } from "../store/queue.ts";
import { updateProving } from "./begin.ts";
import { list } from "./list.ts";
import { readyBases } from "./ready.ts";

let server: TestServer;
let queue: PgBoss;
let path: string;
let project: string;
beforeAll(async () => {
  server = await startTestServer();
  queue = await connectQueue(server.databaseUrl, { tends: false, onError: () => undefined });
  project = (await server.project()).id;
  path = `/api/projects/${project}/provings`;
});
afterAll(async () => {
  await queue.stop({ graceful: false });
  await server.end();
});

const em = () => server.orm.em.fork() as EntityManager;
const stateOf = async (id: string) =>
  (await server.ask<Proving[]>("GET", path)).body.find((proving) => proving.id === id)!.state;

/** Proves everything left, or all but one, and sets the state of the chunks. */
async function proveWhatIsLeft(chunks: "completed" | "failed", butFor?: string): Promise<void> {
  const [{ basis_id: basis }] = (await server.sql("select basis_id from proving order by asked_at desc"))
    .rows;
  const ids = (await list.stale(em(), project, basis)).filter((id) => id !== butFor);
  await list.prove(em(), ids, await readyBases()(em(), basis), async () => true);
  await server.sql(`update pgboss.job set state = '${chunks}' where state < 'completed'`);
}

describe("a failed try", () => {
  it("does not count while a user goes on changing the record", async () => {
    const { id } = (await server.ask<Proving>("POST", path, { what: "list" })).body;
    for (let round = 0; round < 6; round++) {
      await proveWhatIsLeft("completed");
      const tag = await server.tagNamed("XV-3017");
      // Every second time the proof itself is unchanged.
      const duty = round % 2 === 0 ? { ...tag.duty, dn: round % 4 === 0 ? 50 : 80 } : tag.duty;
      const saved = await server.ask("PUT", `/api/tags/${tag.id}`, {
        ...editable(tag),
        service: `s${round}`,
        duty,
      });
      expect(saved.status).toBe(200);
      await updateProving(em(), queue, id);
      expect(await stateOf(id)).toBe("under way");
    }
    await proveWhatIsLeft("completed");
    await updateProving(em(), queue, id);
    expect(await stateOf(id)).toBe("done");
  });

  it("counts where a chunk failed without results, and after three it is reported", async () => {
    const tags = [await server.tagNamed("XV-3017"), await server.tagNamed("XV-1021")];
    for (const tag of tags)
      await server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(tag), duty: { ...tag.duty, dn: 40 } });
    const { id } = (await server.ask<Proving>("POST", path, { what: "list" })).body;
    const states: string[] = [];
    // At first the other one gets a result.
    for (let round = 0; round < 4; round++) {
      await proveWhatIsLeft("failed", tags[0]!.id);
      await updateProving(em(), queue, id);
      states.push(await stateOf(id));
    }
    expect(states).toEqual(["under way", "under way", "under way", "failed"]);
  });

  it("is forgotten where there are results in between", async () => {
    const tags = [await server.tagNamed("XV-3017"), await server.tagNamed("XV-1021")];
    const move = async (number: string, dn: number) => {
      const tag = await server.tagNamed(number);
      await server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(tag), duty: { ...tag.duty, dn } });
    };
    for (const { number } of tags) await move(number, 65);
    const { id } = (await server.ask<Proving>("POST", path, { what: "list" })).body;
    const states: string[] = [];
    const round = async () => {
      await proveWhatIsLeft("failed", tags[0]!.id);
      await updateProving(em(), queue, id);
      states.push(await stateOf(id));
    };
    for (let n = 0; n < 3; n++) await round();
    // Two tries had no result; then another tag gets one.
    await move(tags[1]!.number, 100);
    for (let n = 0; n < 3; n++) await round();
    expect(states).toEqual(Array(6).fill("under way"));
    await round();
    expect(states.at(-1)).toBe("failed");
  });
});
