import { setImmediate as breathe, setTimeout as sleep } from "node:timers/promises";
import type { EntityManager, MikroORM } from "@mikro-orm/postgresql";
import type PgBoss from "pg-boss";
import { Proving } from "../store/entities/provings.ts";
import { type Chunk, provingQueue } from "../store/queue.ts";
import { underWay, updateProving } from "./begin.ts";
import { kinds } from "./index.ts";
import { readyBases } from "./ready.ts";

/** One chunk is proved while the database works on another, so that neither waits. */
const lanes = 2;

/** Intervals for reading an empty queue, for checking cancellation, and for finding lost chunks. */
const often = { lookMs: 250, askMs: 50, tendMs: 2000 } as const;

export interface Worker {
  /** Resolves when running work is put down. */
  readonly stop: () => Promise<void>;
}

/** Takes chunks out of the queue and proves them until it is stopped. */
export function startWork(orm: MikroORM, queue: PgBoss, onError: (error: Error) => void): Worker {
  const stopping = new AbortController();
  const stopped = () => stopping.signal.aborted;
  const readyFor = readyBases();
  let tended = 0;
  /** Provings with chunks done since the last update. */
  const touched = new Set<string>();

  const provingNow = async (em: EntityManager, id: string) =>
    em.findOne(Proving, { id }, { fields: ["basisId", "what", "state"], disableIdentityMap: true });

  async function prove({ proving, ids }: Chunk): Promise<void> {
    const em = orm.em.fork() as EntityManager;
    const row = await provingNow(em, proving);
    if (row?.state !== "under way") return;
    let asked = Date.now();
    let wanted = true;
    await kinds[row.what].prove(em, ids, await readyFor(em, row.basisId), async () => {
      await breathe();
      if (Date.now() - asked > often.askMs) {
        wanted = (await provingNow(em, proving))?.state === "under way";
        asked = Date.now();
      }
      return wanted && !stopped();
    });
  }

  const updateAll = async (ids: Iterable<string>): Promise<void> => {
    for (const id of ids) await updateProving(orm.em.fork() as EntityManager, queue, id);
  };

  /** Nothing waits: finished provings are closed, and lost chunks are queued again. */
  async function rest(): Promise<void> {
    await updateAll(touched);
    touched.clear();
    if (Date.now() - tended > often.tendMs) {
      tended = Date.now();
      await updateAll(await underWay(orm.em.fork() as EntityManager));
    }
    await sleep(often.lookMs, undefined, { signal: stopping.signal }).catch(() => undefined);
  }

  async function step(): Promise<void> {
    const [job] = await queue.fetch<Chunk>(provingQueue);
    if (job === undefined) return rest();
    touched.add(job.data.proving);
    try {
      await prove(job.data);
    } catch (error) {
      await queue.fail(provingQueue, job.id, { message: (error as Error).message });
      throw error;
    }
    // Put down half-way, the chunk belongs to another worker.
    if (stopped()) await queue.fail(provingQueue, job.id);
    else await queue.complete(provingQueue, job.id);
  }

  async function work(): Promise<void> {
    while (!stopped())
      try {
        await step();
      } catch (error) {
        if (stopped()) return;
        onError(error as Error);
        await sleep(1000, undefined, { signal: stopping.signal }).catch(() => undefined);
      }
  }
  const working = Promise.all(Array.from({ length: lanes }, work));
  return {
    stop: async () => {
      stopping.abort();
      await working;
    },
  };
}
