import type { Server } from "node:http";
import { setTimeout as sleep } from "node:timers/promises";
import type { MikroORM } from "@mikro-orm/postgresql";
import type PgBoss from "pg-boss";
import type { Jobs } from "../jobs/jobs.ts";
import type { Pictures } from "../pictures/pictures.ts";
import type { Plain } from "../store/plain.ts";
import type { Live } from "./live.ts";
import type { RequestsInProgress } from "./requests-in-progress.ts";

/** The running server and its parts. */
export interface Serving {
  readonly server: Server;
  readonly live: Live;
  readonly inFlight: RequestsInProgress;
  readonly jobs: Jobs;
  readonly pictures: Pictures;
  readonly queue: PgBoss;
  readonly orm: MikroORM;
  readonly db: Plain;
}

/** Time limits: for answers, and for work that nobody waits for. */
export interface Patience {
  readonly answersMs: number;
  readonly leftoversMs: number;
}

/**
 * Ends in order. Requests are answered or given up first; workers and database are closed only when no work is left,
 * because dropped work would be reported as failed. Returns false where work was left after the time limit: nothing is
 * closed then, and the process ends with it.
 */
export async function endServing(serving: Serving, { answersMs, leftoversMs }: Patience): Promise<boolean> {
  const { server, live, inFlight, jobs, pictures, queue, orm, db } = serving;
  inFlight.end();
  live.end();
  const cut = setTimeout(() => server.closeAllConnections(), answersMs);
  await new Promise((done) => {
    server.close(done);
    server.closeIdleConnections();
  });
  clearTimeout(cut);
  const late = new AbortController();
  const over = await Promise.race([
    inFlight.none().then(() => true),
    sleep(leftoversMs, false, { signal: late.signal }).catch(() => false),
  ]);
  late.abort();
  if (!over) return false;
  pictures.close();
  await jobs.close();
  await queue.stop({ graceful: false });
  await Promise.all([orm.close(true), db.close()]);
  return true;
}
