/** Database, schema, build and server, kept running until a signal. */
import { build } from "../build.ts";
import { type Database, lastOfLog, startDatabase } from "../database/index.ts";
import { type Access, urlFor } from "../database/keys.ts";
import { copiesToKeep, copyOfToday } from "./copies.ts";
import type { Options } from "./options.ts";
import type { Places } from "./places.ts";
import { proxySecret } from "./proxy-secret.ts";
import { noteDatabase, noteServer } from "./running.ts";
import { migrateDatabase, startProver, startServer } from "./server.ts";
import { type Supervised, supervise } from "./supervise.ts";

const hourMs = 3_600_000;

/** Makes the copy of the day at the start and when a new day begins; a failure stops nothing. */
function keepCopies(database: () => Database, folder: string, say: (line: string) => void): NodeJS.Timeout {
  const copy = async () => {
    try {
      const { access } = database();
      copyOfToday(access, folder, await copiesToKeep(access), new Date());
    } catch (error) {
      say(`Today's copy could not be made: ${(error as Error).message}`);
    }
  };
  void copy();
  return setInterval(() => void copy(), hourMs).unref();
}

/** One proving process: the server works without it, and lists wait for it, so it is always restarted. */
async function keepProver(number: number, access: Access, say: (line: string) => void): Promise<Supervised> {
  const kept = await supervise({
    what: `worker process ${number}`,
    say,
    tries: Number.POSITIVE_INFINITY,
    firstMayFail: true,
    start: () =>
      startProver({
        DATABASE_URL: urlFor(access, "application"),
        LOG_LEVEL: process.env.LOG_LEVEL ?? "warn",
      }),
  });
  void kept.givenUp.then(say);
  return kept;
}

/** Runs until it is stopped or given up; resolves with the exit code. */
export async function serve(
  options: Options,
  places: Places,
  say: (line: string) => void,
  stopped: Promise<void>,
): Promise<number> {
  let database: Database | null = null;
  const supervised: Supervised[] = [];
  const stopAll = async () => {
    for (const child of supervised.toReversed()) await child.stop();
  };
  try {
    const keptDatabase = await supervise({
      what: "database",
      say,
      start: async () => {
        database = await startDatabase(places.data, {
          say,
          ...(database === null ? {} : { port: database.access.port }),
        });
        noteDatabase(places.running, database.access.port);
        const { ended, stop } = database;
        return {
          ended: ended.then((by) => ({ by, hopeless: false })),
          lastLines: () => lastOfLog(places.data),
          stop,
        };
      },
    });
    supervised.push(keptDatabase);
    build();
    const { access } = database!;
    let migrated = false;
    const keptServer = await supervise({
      what: "server",
      say,
      // The database may be down for a moment.
      firstMayFail: true,
      start: async () => {
        if (!migrated) migrateDatabase(access);
        migrated = true;
        return startServer(
          {
            DATABASE_URL: urlFor(access, "application"),
            PORT: String(options.port),
            HOST: options.host,
            LOG_LEVEL: process.env.LOG_LEVEL ?? "warn",
            ...(options.behindProxy ? { PROXY_SECRET: proxySecret(places.proxySecret, say) } : {}),
          },
          (pid) => noteServer(places.running, pid),
        );
      },
    });
    supervised.push(keptServer);
    const over = Promise.race([stopped.then(() => null), keptDatabase.givenUp, keptServer.givenUp]);
    let copies: NodeJS.Timeout | undefined;
    // They find the database at this release only where the server did.
    void keptServer.begun.then(() => {
      for (let number = 1; number <= options.workers; number++)
        void keepProver(number, access, say).then((kept) => supervised.push(kept));
      copies = keepCopies(() => database!, places.copies, say);
    });
    const givenUp = await over;
    clearInterval(copies);
    if (givenUp !== null) say(givenUp);
    return givenUp === null ? 0 : 1;
  } finally {
    await stopAll();
  }
}
