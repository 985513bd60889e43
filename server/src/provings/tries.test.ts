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

/** Proves all that is left, or all but one, and says of the chunks that they came out so. */
async function proveWhatIsLeft(chunks: "completed" | "failed", butFor?: string): Promise<void> {
  const [{ basis_id: basis }] = (await server.sql("select basis_id from proving order by asked_at desc"))
    .rows;
  const ids = (await list.stale(em(), project, basis)).filter((id) => id !== butFor);
  await list.prove(em(), ids, await readyBases()(em(), basis), async () => true);
  await server.sql(`update pgboss.job set state = '${chunks}' where state < 'completed'`);
}

describe("a try that was in vain", () => {
  it("is none where somebody goes on changing what was proved", async () => {
    const { id } = (await server.ask<Proving>("POST", path, { what: "list" })).body;
    for (let round = 0; round < 6; round++) {
      await proveWhatIsLeft("completed");
      const tag = await server.tagNamed("XV-3017");
      // Every other time the proof itself stays what it was.
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

  it("is one where a chunk failed and nothing of it was found, and after three it is said", async () => {
    const tags = [await server.tagNamed("XV-3017"), await server.tagNamed("XV-1021")];
    for (const tag of tags)
      await server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(tag), duty: { ...tag.duty, dn: 40 } });
    const { id } = (await server.ask<Proving>("POST", path, { what: "list" })).body;
    const states: string[] = [];
    // At the first the other one is found.
    for (let round = 0; round < 4; round++) {
      await proveWhatIsLeft("failed", tags[0]!.id);
      await updateProving(em(), queue, id);
      states.push(await stateOf(id));
    }
    expect(states).toEqual(["under way", "under way", "under way", "failed"]);
  });

  it("begins to be counted again where something is found in between", async () => {
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
    // Two tries found nothing; then another tag is found again.
    await move(tags[1]!.number, 100);
    for (let n = 0; n < 3; n++) await round();
    expect(states).toEqual(Array(6).fill("under way"));
    await round();
    expect(states.at(-1)).toBe("failed");
  });
});
