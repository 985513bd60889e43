import type { Server } from "node:http";
import { setTimeout as sleep } from "node:timers/promises";
import type { MikroORM } from "@mikro-orm/postgresql";
import type PgBoss from "pg-boss";
import type { Jobs } from "../jobs/jobs.ts";
import type { Plain } from "../store/plain.ts";
import type { InHand } from "./in-hand.ts";
import type { Live } from "./live.ts";

/** What serves, and what it is served by. */
export interface Serving {
  readonly server: Server;
  readonly live: Live;
  readonly inFlight: InHand;
  readonly jobs: Jobs;
  readonly queue: PgBoss;
  readonly orm: MikroORM;
  readonly db: Plain;
}

/** How long an answer may take yet, and how long whatever nobody waits for any more. */
export interface Patience {
  readonly answersMs: number;
  readonly leftoversMs: number;
}

/**
 * Ends in order: what was asked for is answered or given up, and only when nobody works on anything are workers and
 * database let go; the other way round, work that is merely dropped would be told as failed. False where something was
 * still worked on at the end of all patience: nothing is let go then, and the process ends with it.
 */
export async function endServing(serving: Serving, { answersMs, leftoversMs }: Patience): Promise<boolean> {
  const { server, live, inFlight, jobs, queue, orm, db } = serving;
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
  await jobs.close();
  await queue.stop({ graceful: false });
  await Promise.all([orm.close(true), db.close()]);
  return true;
}
