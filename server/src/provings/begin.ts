import { randomUUID } from "node:crypto";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { Proving, ProvingWhat } from "@proven-seat/contract";
import type PgBoss from "pg-boss";
import { type Basis, basisNamed } from "../store/bases.ts";
import { type Chunk, provingQueue } from "../store/queue.ts";
import { type Reader, rowsOf } from "../store/sql.ts";
import { notThere } from "../work/refusal.ts";
import { kinds } from "./index.ts";

/** How many go into one chunk; fewer, where somebody who took one never came back. */
const sizes = [40, 8, 1];

interface Row {
  id: string;
  project_id: string;
  basis_id: number;
  what: ProvingWhat;
  state: Proving["state"];
  total: number;
  remaining: number;
  attempts: number;
  asked_at: string | Date;
  ended_at: string | Date | null;
}

/** A proving as it is told; `left` is how many of it have no current result yet. */
function present(row: Row, basis: Basis, left: number): Proving {
  const done = Math.max(0, row.total - left);
  const seconds = (Date.now() - new Date(row.asked_at).getTime()) / 1000;
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
    endedAt: row.ended_at === null ? null : new Date(row.ended_at).toISOString(),
  };
}

async function told(db: Reader, row: Row): Promise<Proving> {
  const left =
    row.state === "under way"
      ? await kinds[row.what].countStale(db, row.project_id, row.basis_id)
      : row.remaining;
  return present(row, await basisNamed(db, row.basis_id), left);
}

/** Puts what has no current result yet into the queue. */
async function putIn(queue: PgBoss, proving: string, ids: readonly string[], attempt: number): Promise<void> {
  const size = sizes[attempt]!;
  const chunks: { name: string; data: Chunk }[] = [];
  for (let from = 0; from < ids.length; from += size)
    chunks.push({ name: provingQueue, data: { proving, ids: ids.slice(from, from + size) } });
  await queue.insert(chunks);
}

/** How it stands with the chunks of a proving: whether any waits or is in hand, and when the last ones were put in, if one of them failed. */
async function lastChunks(
  db: Reader,
  proving: string,
): Promise<{ waiting: boolean; failedPutAt: string | null }> {
  const [found] = await rowsOf<{ waiting: boolean | null; put_at: string; failed: boolean | null }>(
    db,
    `select bool_or(state < 'completed') as waiting, max(put_at)::text as put_at,
            bool_or(state = 'failed') filter (where created_on = put_at) as failed
       from (select state, created_on, max(created_on) over () as put_at
               from pgboss.job where name = ? and data ->> 'proving' = ?) j`,
    [provingQueue, proving],
  );
  const { waiting, put_at, failed } = found!;
  return { waiting: waiting === true, failedPutAt: failed ? put_at : null };
}

/** Everything is known: nothing is begun, and nothing kept of the question. */
const nothingToDo = (what: ProvingWhat, { catalogueRevision, houseRuleVersion, engine }: Basis): Proving => ({
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
export async function beginProving(
  em: EntityManager,
  queue: PgBoss,
  asked: {
    readonly project: string;
    readonly what: ProvingWhat;
    readonly basis: Basis;
    readonly user: string;
  },
): Promise<Proving> {
  const { project, what, basis, user } = asked;
  const begun = await em.transactional(async (tx) => {
    await rowsOf(tx, "select pg_advisory_xact_lock(4183, hashtext(?))", [project]);
    const [underWay] = await rowsOf<Row>(
      tx,
      "select * from proving where project_id = ? and basis_id = ? and what = ? and state = 'under way'",
      [project, basis.id, what],
    );
    if (underWay) return { row: underWay, ids: [] };
    const ids = await kinds[what].stale(tx, project, basis.id);
    if (ids.length === 0) return null;
    const [row] = await rowsOf<Row>(
      tx,
      `insert into proving (id, project_id, basis_id, what, state, total, remaining, attempts, asked_at, asked_by)
       values (?, ?, ?, ?, 'under way', ?, ?, 0, now(), ?) returning *`,
      [randomUUID(), project, basis.id, what, ids.length, ids.length, user],
    );
    return { row: row!, ids };
  });
  if (begun === null) return nothingToDo(what, basis);
  // Killed here, nothing is in the queue: whoever tends provings finds that out and puts it there.
  if (begun.ids.length > 0) await putIn(queue, begun.row.id, begun.ids, 0);
  return told(em, begun.row);
}

/** Ends a proving that somebody wants no more; what was found is kept. */
export async function cancelProving(db: Reader, project: string, id: string): Promise<Proving> {
  const [found] = /^[0-9a-f-]{36}$/i.test(id)
    ? await rowsOf<Row>(db, "select * from proving where id = ? and project_id = ?", [id, project])
    : [];
  if (!found) throw notThere("proving");
  const left = await kinds[found.what].countStale(db, project, found.basis_id);
  await rowsOf(
    db,
    "update proving set state = 'cancelled', ended_at = now(), remaining = ? where id = ? and state = 'under way'",
    [left, id],
  );
  const [row] = await rowsOf<Row>(db, "select * from proving where id = ?", [id]);
  return told(db, row!);
}

/** The newest proving of each thing and basis that is under way, or ended not long ago. */
export async function provingsOf(db: Reader, project: string): Promise<Proving[]> {
  const rows = await rowsOf<Row>(
    db,
    `select * from (
       select distinct on (what, basis_id) * from proving where project_id = ? order by what, basis_id, asked_at desc) p
      where state = 'under way' or ended_at > now() - interval '1 hour' order by asked_at desc limit 20`,
    [project],
  );
  return Promise.all(rows.map((row) => told(db, row)));
}

/** Provings that are under way, anywhere. */
export const underWay = async (db: Reader): Promise<string[]> =>
  (await rowsOf<{ id: string }>(db, "select id from proving where state = 'under way'")).map(({ id }) => id);

const keptBases = 4;

/** Results by bases that nobody compares with any more are let go. */
const letGo = (db: Reader, project: string) =>
  rowsOf(
    db,
    `delete from tag_result r using tag t where t.id = r.tag_id and t.project_id = ? and r.basis_id not in (
       select basis_id from (select distinct on (basis_id) basis_id, asked_at from proving
         where project_id = ? and what = 'list' order by basis_id, asked_at desc) b order by asked_at desc limit ?)`,
    [project, project, keptBases],
  );

/**
 * Sees to one proving: ended where nothing is left of it, put into the queue again where something is and nobody has
 * it. Whatever is left after the last try is left, and said.
 */
export async function tendProving(em: EntityManager, queue: PgBoss, id: string): Promise<void> {
  const again = await em.transactional(async (tx) => {
    const [row] = await rowsOf<Row>(
      tx,
      "select * from proving where id = ? and state = 'under way' for update skip locked",
      [id],
    );
    if (!row) return null;
    const left = await kinds[row.what].countStale(tx, row.project_id, row.basis_id);
    if (left === 0) {
      await rowsOf(tx, "update proving set state = 'done', remaining = 0, ended_at = now() where id = ?", [
        id,
      ]);
      if (row.what === "list") await letGo(tx, row.project_id);
      return null;
    }
    const last = await lastChunks(tx, id);
    if (last.waiting) return null;
    // Changed since it was proved, by somebody who goes on working, it is no try; nor where anything else of it was
    // found meanwhile: whoever took the rest was ended from outside then, not by what it proved.
    const inVain =
      last.failedPutAt !== null &&
      !(await kinds[row.what].foundSince(tx, row.project_id, row.basis_id, last.failedPutAt));
    const attempts = inVain ? row.attempts + 1 : 0;
    const givenUp = attempts >= sizes.length;
    await rowsOf(
      tx,
      `update proving set remaining = ?, attempts = ?, state = ?, ended_at = case when ? then now() end where id = ?`,
      [left, attempts, givenUp ? "failed" : "under way", givenUp, id],
    );
    return givenUp ? null : { ids: await kinds[row.what].stale(tx, row.project_id, row.basis_id), attempts };
  });
  if (again) await putIn(queue, id, again.ids, again.attempts);
}
