/** `./start --status` and `./start --stop`. */
import { existsSync } from "node:fs";
import { setTimeout as sleep } from "node:timers/promises";
import { clearLeftOver } from "../database/left-over.ts";
import { copiesIn } from "./copies.ts";
import type { Places } from "./places.ts";
import { isAlive, leaveFolder, type Process, readRunning } from "./running.ts";

interface Health {
  status: string;
  engine: string;
  database: string;
  migrations: { executed: number; pending: number };
}

async function healthAt(url: string): Promise<Health | null> {
  try {
    const answer = await fetch(`${url}/api/health`, { signal: AbortSignal.timeout(3000) });
    return (await answer.json()) as Health;
  } catch {
    return null;
  }
}

/** Prints what runs; returns 0 where it is healthy, 1 where it is not, 3 where nothing runs. */
export async function showStatus(places: Places, say: (line: string) => void): Promise<number> {
  const running = readRunning(places.running);
  const copies = copiesIn(places.copies);
  say(`Data: ${existsSync(places.data) ? places.data : "none yet"}`);
  say(`Copies: ${copies.length === 0 ? "none yet" : `${copies.length}, the last ${copies.at(-1)}`}`);
  if (!running || !isAlive(running.start)) {
    say("Proven Seat does not run. ./start starts it.");
    return 3;
  }
  if (running.does !== "serve") {
    say(`A ${running.does} is under way (process ${running.start.pid}). ./start waits until it ends.`);
    return 3;
  }
  const health = await healthAt(running.url);
  say(`Proven Seat runs on ${running.url} since ${running.since} (process ${running.start.pid})`);
  say(
    health === null
      ? "Server: does not answer"
      : `Server: ${health.status}, engine ${health.engine}; database ${health.database}, ${health.migrations.executed} migrations run, ${health.migrations.pending} to run`,
  );
  return health?.status === "ok" ? 0 : 1;
}

async function end(program: Process, signal: NodeJS.Signals, forMs: number): Promise<void> {
  if (isAlive(program)) process.kill(program.pid, signal);
  for (let waited = 0; isAlive(program) && waited < forMs; waited += 100) await sleep(100);
}

/** Stops what runs in this folder, and the remains of a killed start. */
export async function stopRunning(places: Places, say: (line: string) => void): Promise<number> {
  const running = readRunning(places.running);
  const ran = running !== null && isAlive(running.start);
  if (ran) await end(running.start, "SIGTERM", 30_000);
  if (running && isAlive(running.start)) await end(running.start, "SIGKILL", 5000);
  if (running?.server) await endServer(running.server, say);
  if (existsSync(places.data)) await clearLeftOver(places.data, say);
  leaveFolder(places.running, running?.start.pid);
  say(ran ? "Proven Seat is stopped." : "Proven Seat did not run.");
  return 0;
}

/** Ends a server whose start was killed. */
export async function endServer(server: Process, say: (line: string) => void): Promise<void> {
  if (!isAlive(server)) return;
  say(`A server left running by a start that was killed is stopped (process ${server.pid}).`);
  await end(server, "SIGTERM", 5000);
  await end(server, "SIGKILL", 2000);
}
