import type { EntityManager, MikroORM } from "@mikro-orm/postgresql";
import PgBoss from "pg-boss";
import { rowsOf } from "./sql.ts";

/** The schema of the queue; its content can be restored from the application's tables. */
const queueSchema = "pgboss";

/** The one queue: chunks of provings. */
export const provingQueue = "proving";

/** Some tags or sheets of a proving, by their ids. */
export interface Chunk {
  readonly proving: string;
  readonly ids: readonly string[];
}

/** A chunk takes a second; one that is not done within this time goes to another worker. */
const expireInSeconds = 15;

/** Updates the queue's schema as its owner, and grants the application access. */
export async function setUpQueue(ownerUrl: string, role: string, orm: MikroORM): Promise<void> {
  const boss = new PgBoss({
    connectionString: ownerUrl,
    schema: queueSchema,
    supervise: false,
    schedule: false,
    max: 1,
  });
  boss.on("error", () => undefined);
  await boss.start();
  try {
    await boss.createQueue(provingQueue, {
      name: provingQueue,
      retryLimit: 2,
      retryDelay: 0,
      expireInSeconds,
      retentionDays: 2,
    });
  } finally {
    await boss.stop({ graceful: false });
  }
  const connection = orm.em.getConnection();
  for (const sql of [
    `grant usage on schema ${queueSchema} to ${role}`,
    `grant select, insert, update, delete on all tables in schema ${queueSchema} to ${role}`,
  ])
    await connection.execute(sql);
}

/** State of the chunks of a proving: whether any is waiting or active, and when the last ones were queued if one of them failed. */
export async function lastChunks(
  em: EntityManager,
  proving: string,
): Promise<{ waiting: boolean; failedPutAt: string | null }> {
  const [found] = await rowsOf<{ waiting: boolean | null; put_at: string; failed: boolean | null }>(
    em,
    `select bool_or(state < 'completed') as waiting, max(put_at)::text as put_at,
            bool_or(state = 'failed') filter (where created_on = put_at) as failed
       from (select state, created_on, max(created_on) over () as put_at
               from pgboss.job where name = ? and data ->> 'proving' = ?) j`,
    [provingQueue, proving],
  );
  const { waiting, put_at, failed } = found!;
  return { waiting: waiting === true, failedPutAt: failed ? put_at : null };
}

/** Connects to the queue as the application; `tends` also restores chunks that were taken and never done. */
export async function connectQueue(
  databaseUrl: string,
  { tends, onError }: { readonly tends: boolean; readonly onError: (error: Error) => void },
): Promise<PgBoss> {
  const boss = new PgBoss({
    connectionString: databaseUrl,
    schema: queueSchema,
    migrate: false,
    schedule: false,
    supervise: tends,
    maintenanceIntervalSeconds: 4,
    archiveCompletedAfterSeconds: 3600,
    deleteAfterHours: 12,
    max: 2,
  });
  boss.on("error", onError);
  await boss.start();
  return boss;
}
