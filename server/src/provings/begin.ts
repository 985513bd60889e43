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

/** How many go into one chunk; fewer, where somebody who took one never came back. */
const sizes = [40, 8, 1];

/** A proving as it is told; `left` is how many of it have no current result yet. */
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
    // After a tenth of a second the rate says nothing yet.
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

/** Puts what has no current result yet into the queue. */
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

/** Everything is known: nothing is begun, and nothing kept of the question. */
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

/** Has what has no current result by a basis proved; one that is under way already is given back. */
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
  // Killed here, nothing is in the queue: whoever tends provings finds that out and puts it there.
  if (begun.ids.length > 0) await enqueue(queue, begun.row.id, begun.ids, 0);
  return presentProving(em, begun.row);
}

/** Ends a proving that somebody wants no more; what was found is kept. */
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
 * Sees to one proving: ended where nothing is left of it, put into the queue again where something is and nobody has
 * it. Whatever is left after the last try is left, and said.
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
    // Changed since it was proved, by somebody who goes on working, it is no try; nor where anything else of it was
    // found meanwhile: whoever took the rest was ended from outside then, not by what it proved.
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
