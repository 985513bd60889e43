import type { MikroORM } from "@mikro-orm/postgresql";
import PgBoss from "pg-boss";

/** The queue's schema; what waits in it is told by the tables of the application and can be put there again. */
const queueSchema = "pgboss";

/** The one queue: chunks of provings. */
export const provingQueue = "proving";

/** Some tags or sheets of a proving, by their ids. */
export interface Chunk {
  readonly proving: string;
  readonly ids: readonly string[];
}

/** A chunk takes a second; one that was not done within this time is given to somebody else. */
const expireInSeconds = 15;

/** Brings the queue up to date as the owner of its schema, and lets the application put in and take out. */
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

/** Connects to the queue as the application; `tends` also sees to what was taken and never done. */
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
