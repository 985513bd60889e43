import { createServer } from "node:http";
import type { EntityManager } from "@mikro-orm/postgresql";
import { pino } from "pino";
import { connectedOrEnd, endIfAway } from "./connected.ts";
import { loadDemo } from "./demo/load-demo.ts";
import { buildApp } from "./http/app.ts";
import { tendConnections } from "./http/connections.ts";
import { endServing } from "./http/ending.ts";
import { hostsIn, isLoopback } from "./http/entry.ts";
import { Live } from "./http/live.ts";
import { RequestsInProgress } from "./http/requests-in-progress.ts";
import { Jobs } from "./jobs/jobs.ts";
import { Pictures } from "./pictures/pictures.ts";
import { webFolder } from "./places.ts";
import { plainSql } from "./store/plain.ts";
import { connectQueue } from "./store/queue.ts";

const environment = process.env;
const port = Number(environment.PORT ?? 4180);
const host = environment.HOST ?? "127.0.0.1";
const user = environment.PROVEN_SEAT_USER ?? "engineer";
// Logs go to standard error: standard output carries only the start-up line.
const log = pino({ level: environment.LOG_LEVEL ?? "info" }, pino.destination(2));

if (!isLoopback(host) && !environment.PROXY_SECRET) {
  process.stderr.write(
    `HOST=${host} would open the server to the whole network without user accounts. See docs/operations.md.\n`,
  );
  process.exit(2);
}

const { orm, url } = await connectedOrEnd(environment.DATABASE_URL);
await loadDemo(orm, user).catch(endIfAway);
const jobs = new Jobs();
const pictures = new Pictures();
const queue = await connectQueue(url, {
  tends: false,
  onError: (error) => log.error({ problem: error.message }, "queue"),
}).catch(endIfAway);
const db = plainSql(url);
const live = new Live(() => orm.em.fork() as EntityManager);
const inFlight = new RequestsInProgress();
const server = createServer(
  buildApp({
    orm,
    db,
    jobs,
    pictures,
    queue,
    live,
    inFlight,
    log,
    webFolder,
    user,
    entry: { hosts: hostsIn(environment.ALLOWED_HOSTS), proxySecret: environment.PROXY_SECRET ?? null },
    requestRate: Number(environment.REQUEST_RATE ?? 5000),
  }),
);

tendConnections(server);
server.on("error", async (error: NodeJS.ErrnoException) => {
  if (error.code === "EADDRINUSE")
    process.stderr.write(`Port ${port} is busy. Stop what uses it, or choose another: PORT=4181 ./start\n`);
  else process.stderr.write(`${error.message}\n`);
  await orm.close(true);
  process.exit(2);
});
server.listen(port, host, () => {
  process.stdout.write(`Proven Seat is ready on http://${host}:${port}\n`);
  process.send?.("ready");
});

/** Well below the ten seconds after which the parent process stops waiting. */
const patience = { answersMs: 3000, leftoversMs: 4000 } as const;

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  log.info("stopping");
  const inOrder = await endServing({ server, live, inFlight, jobs, pictures, queue, orm, db }, patience);
  if (!inOrder) log.warn("stopped work whose asker has left");
  process.exit(0);
}
for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const) process.on(signal, () => void stop());
// The parent process is gone: nobody would stop this one, and a new start needs its port.
if (process.connected) process.once("disconnect", () => void stop());
