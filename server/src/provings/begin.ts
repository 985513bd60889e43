import { randomUUID } from "node:crypto";
import { LockMode } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { Proving as ProvingDocument, ProvingWhat } from "@proven-seat/contract";
import type PgBoss from "pg-boss";
import { type Basis, basisNamed } from "../store/bases.ts";
import { Proving, type Proving as ProvingRow } from "../store/entities/provings.ts";
import { isUuid } from "../store/ids.ts";
import { takeTurn } from "../store/locks.ts";
import { type Chunk, lastChunks, provingQueue } from "../store/queue.ts";
import { deleteOldResults } from "../store/tag-results.ts";
import { notFound } from "../work/refusal.ts";
import { kinds } from "./index.ts";

/** Records per chunk; fewer after a worker that took a chunk was lost. */
const sizes = [40, 8, 1];

/** A proving for the client; `left` is the number of records without a current result. */
function present(row: ProvingRow, basis: Basis, left: number): ProvingDocument {
  const done = Math.max(0, row.total - left);
  const seconds = (Date.now() - row.askedAt.getTime()) / 1000;
  return {
    id: row.id,
    what: row.what,
    catalogueRevision: basis.catalogueRevision,
    houseRuleVersion: basis.houseRuleVersion,
    engine: basis.engine,
    state: row.state,
    total: row.total,
    done,
    // In the first tenth of a second the rate means nothing.
    secondsLeft: row.state === "under way" && done > 0 && seconds > 1 ? (seconds / done) * left : null,
    endedAt: row.endedAt?.toISOString() ?? null,
  };
}

async function presentProving(em: EntityManager, row: ProvingRow): Promise<ProvingDocument> {
  const left =
    row.state === "under way"
      ? await kinds[row.what].countStale(em, row.projectId, row.basisId)
      : row.remaining;
  return present(row, await basisNamed(em, row.basisId), left);
}

/** Queues the records without a current result. */
async function enqueue(
  queue: PgBoss,
  proving: string,
  ids: readonly string[],
  attempt: number,
): Promise<void> {
  const size = sizes[attempt]!;
  const chunks: { name: string; data: Chunk }[] = [];
  for (let from = 0; from < ids.length; from += size)
    chunks.push({ name: provingQueue, data: { proving, ids: ids.slice(from, from + size) } });
  await queue.insert(chunks);
}

/** Every result is current: nothing is started or stored. */
const finishedAtOnce = (
  what: ProvingWhat,
  { catalogueRevision, houseRuleVersion, engine }: Basis,
): ProvingDocument => ({
  id: randomUUID(),
  what,
  catalogueRevision,
  houseRuleVersion,
  engine,
  state: "done",
  total: 0,
  done: 0,
  secondsLeft: null,
  endedAt: new Date().toISOString(),
});

/** Starts a proving of the records without a current result on a basis; one that is already running is returned. */
export async function startProving(
  em: EntityManager,
  queue: PgBoss,
  asked: {
    readonly project: string;
    readonly what: ProvingWhat;
    readonly basis: Basis;
    readonly user: string;
  },
): Promise<ProvingDocument> {
  const { project, what, basis, user } = asked;
  const begun = await em.transactional(async (tx) => {
    await takeTurn(tx, "provings of a project", project);
    const asked = { projectId: project, basisId: basis.id, what, state: "under way" } as const;
    const going = await tx.findOne(Proving, asked);
    if (going) return { row: going, ids: [] };
    const ids = await kinds[what].stale(tx, project, basis.id);
    if (ids.length === 0) return null;
    const row = tx.create(Proving, {
      ...asked,
      id: randomUUID(),
      total: ids.length,
      remaining: ids.length,
      attempts: 0,
      askedAt: new Date(),
      askedBy: user,
      endedAt: null,
    });
    return { row, ids };
  });
  if (begun === null) return finishedAtOnce(what, basis);
  // If the process is killed here the queue is empty: the next check finds that and fills it.
  if (begun.ids.length > 0) await enqueue(queue, begun.row.id, begun.ids, 0);
  return presentProving(em, begun.row);
}

/** Cancels a proving; results so far are kept. */
export async function cancelProving(
  em: EntityManager,
  project: string,
  id: string,
): Promise<ProvingDocument> {
  const found = isUuid(id) ? await em.findOne(Proving, { id, projectId: project }) : null;
  if (!found) throw notFound("proving");
  const left = await kinds[found.what].countStale(em, project, found.basisId);
  await em.nativeUpdate(
    Proving,
    { id, state: "under way" },
    { state: "cancelled", endedAt: new Date(), remaining: left },
  );
  return presentProving(em, await em.refreshOrFail(found));
}

const hourMs = 3_600_000;
const mostTold = 20;

/** The newest proving of each thing and basis that is under way, or ended not long ago. */
export async function provingsOf(em: EntityManager, project: string): Promise<ProvingDocument[]> {
  const rows = await em.find(
    Proving,
    {
      projectId: project,
      $or: [{ state: "under way" }, { endedAt: { $gt: new Date(Date.now() - hourMs) } }],
    },
    { orderBy: { askedAt: "desc" }, disableIdentityMap: true },
  );
  const newest = new Map<string, ProvingRow>();
  for (const row of rows) {
    const kind = `${row.what} ${row.basisId}`;
    if (!newest.has(kind)) newest.set(kind, row);
  }
  return Promise.all([...newest.values()].slice(0, mostTold).map((row) => presentProving(em, row)));
}

/** Provings that are under way, anywhere. */
export const underWay = async (em: EntityManager): Promise<string[]> =>
  (await em.find(Proving, { state: "under way" }, { fields: ["id"], disableIdentityMap: true })).map(
    ({ id }) => id,
  );

/**
 * Updates one proving: it ends where nothing is left, and is queued again where something is left and no worker has it.
 * What is left after the last try is reported.
 */
export async function updateProving(em: EntityManager, queue: PgBoss, id: string): Promise<void> {
  const again = await em.transactional(async (tx) => {
    const row = await tx.findOne(
      Proving,
      { id, state: "under way" },
      { lockMode: LockMode.PESSIMISTIC_PARTIAL_WRITE },
    );
    if (!row) return null;
    const { projectId: project, basisId: basis, what } = row;
    const left = await kinds[what].countStale(tx, project, basis);
    if (left === 0) {
      Object.assign(row, { state: "done", remaining: 0, endedAt: new Date() });
      await tx.flush();
      if (what === "list") await deleteOldResults(tx, project);
      return null;
    }
    const last = await lastChunks(tx, id);
    if (last.waiting) return null;
    // It is no failed try if records changed since, or if other results arrived meanwhile: then the worker was ended
    // from outside, not by its proof.
    const inVain =
      last.failedPutAt !== null && !(await kinds[what].foundSince(tx, project, basis, last.failedPutAt));
    const attempts = inVain ? row.attempts + 1 : 0;
    const givenUp = attempts >= sizes.length;
    Object.assign(row, { remaining: left, attempts });
    if (givenUp) Object.assign(row, { state: "failed", endedAt: new Date() });
    return givenUp ? null : { ids: await kinds[what].stale(tx, project, basis), attempts };
  });
  if (again) await enqueue(queue, id, again.ids, again.attempts);
}
