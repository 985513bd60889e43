/** `./start`: database, build, server, all kept running; Ctrl-C stops all of it. */
import { join } from "node:path";
import { createInterface } from "node:readline/promises";
import { setTimeout as sleep } from "node:timers/promises";
import { fileURLToPath } from "node:url";
import { build } from "./build.ts";
import { discardDatabase, startDatabase } from "./database/index.ts";
import { type Access, keysOf } from "./database/keys.ts";
import { portIsFree } from "./port.ts";
import { backup, restore } from "./start/copies.ts";
import { type Options, readOptions, WrongOptions } from "./start/options.ts";
import { placesIn } from "./start/places.ts";
import { isAlive, leaveFolder, readRunning, type Taken, takeFolder, type Work } from "./start/running.ts";
import { serve } from "./start/serve.ts";
import { endServer, showStatus, stopRunning } from "./start/status.ts";

const root = fileURLToPath(new URL("..", import.meta.url));
const places = placesIn(process.env.PROVEN_SEAT_DATA ?? join(root, ".local"));
const say = (line: string) => void process.stderr.write(`${line}\n`);
const tell = (line: string) => void process.stdout.write(`${line}\n`);

async function confirmDiscard(yes: boolean): Promise<boolean> {
  if (yes) return true;
  if (!process.stdin.isTTY) {
    say("--fresh discards all data. No terminal to ask for confirmation: use --fresh --yes.");
    return false;
  }
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await ask.question(
    "Discard all tags, sheets and house rules in this project's database? Type yes: ",
  );
  ask.close();
  return answer.trim().toLowerCase() === "yes";
}

const urlOf = ({ host, port }: Options) => `http://${host.includes(":") ? `[${host}]` : host}:${port}`;

/**
 * Takes the folder. A backup or restore that has it is waited for: a start after a crash must not report that all is
 * well.
 */
async function whenFree(url: string, does: Work): Promise<Taken> {
  for (let said = false; ; said = true) {
    const taken = takeFolder(places.running, url, does);
    if (taken.taken || taken.by.does === "serve") return taken;
    if (!said)
      say(`A ${taken.by.does} is in progress (process ${taken.by.start.pid}). Waiting until it ends.`);
    await sleep(200);
  }
}

/** Works on the database with the folder taken, so that no other start interferes, and ends in order on a signal. */
async function withFolder(
  url: string,
  does: Work,
  work: (stopped: Promise<void>) => Promise<number>,
): Promise<number> {
  const running = await whenFree(url, does);
  if (!running.taken) {
    tell(`Proven Seat is already running on ${running.by.url} (process ${running.by.start.pid}).`);
    say("To end it: ./start --stop");
    return 0;
  }
  const stopped = new Promise<void>((done) => {
    for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const) process.on(signal, () => done());
  });
  try {
    if (running.leftBy?.server) await endServer(running.leftBy.server, say);
    return await work(stopped);
  } finally {
    leaveFolder(places.running);
  }
}

async function startServing(options: Options): Promise<number> {
  return withFolder(urlOf(options), "serve", async (stopped) => {
    if (!(await portIsFree(options.port, options.host))) {
      say(`Port ${options.port} is busy. Stop what uses it, or choose another: PORT=4181 ./start`);
      return 1;
    }
    if (options.fresh) {
      if (!(await confirmDiscard(options.yes))) return 1;
      discardDatabase(places.data);
    }
    return serve(options, places, say, stopped);
  });
}

/** Uses the running database, or starts one for as long as the work takes. */
async function onDatabase(
  options: Options,
  does: "backup" | "restore",
  work: (access: Access) => Promise<string>,
): Promise<number> {
  const running = readRunning(places.running);
  if (running && isAlive(running.start) && running.does === "serve") {
    if (does === "restore") {
      say(`Proven Seat runs on ${running.url}. Stop it first: ./start --stop`);
      return 1;
    }
    if (running.databasePort === null) {
      say("Proven Seat is just starting. Try again in a moment.");
      return 1;
    }
    build();
    tell(await work({ port: running.databasePort, keys: keysOf(places.data).keys }));
    return 0;
  }
  return withFolder(urlOf(options), does, async () => {
    build();
    const database = await startDatabase(places.data, { say });
    try {
      tell(await work(database.access));
      return 0;
    } finally {
      await database.stop();
    }
  });
}

async function main(): Promise<number> {
  const options = readOptions(process.argv.slice(2), process.env);
  switch (options.does) {
    case "status":
      return showStatus(places, tell);
    case "stop":
      return stopRunning(places, tell);
    case "backup":
      return onDatabase(options, "backup", (access) => backup(access, options.file, options.yes));
    case "restore":
      return onDatabase(options, "restore", (access) => restore(access, options.file, options.yes));
    default:
      return startServing(options);
  }
}

try {
  process.exit(await main());
} catch (error) {
  say((error as Error).message);
  process.exit(error instanceof WrongOptions ? 2 : 1);
}
