/**
 * Proves the queue of the database at DATABASE_URL, until a signal. Run one per core, on any machine that reaches the
 * database.
 */
import { setPriority } from "node:os";
import { pino } from "pino";
import { connectedOrEnd, endIfAway } from "./connected.ts";
import { startWork } from "./provings/work.ts";
import { connectQueue } from "./store/queue.ts";

const { DATABASE_URL, LOG_LEVEL } = process.env;
const log = pino({ level: LOG_LEVEL ?? "info" }, pino.destination(2));
// Plain requests go before computation.
setPriority(10);
const { orm, url } = await connectedOrEnd(DATABASE_URL);
const onError = (error: Error) => log.error({ problem: error.message }, "proving");
const queue = await connectQueue(url, { tends: true, onError }).catch(endIfAway);
const worker = startWork(orm, queue, onError);
process.send?.("ready");
log.info("ready to prove");

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  await worker.stop();
  await queue.stop({ graceful: false });
  await orm.close(true);
  process.exit(0);
}
for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const) process.on(signal, () => void stop());
if (process.connected) process.once("disconnect", () => void stop());
