/** PostgreSQL for this project: own data directory, own passwords, loopback only. */
import { type ChildProcess, spawn } from "node:child_process";
import { existsSync, readdirSync, readFileSync, rmSync, statSync } from "node:fs";
import { dirname, join, resolve } from "node:path";
import { setTimeout as sleep } from "node:timers/promises";
import pg from "pg";
import { freePort } from "../port.ts";
import { allowThrough, asDatabaseUser, databaseAccount, program } from "./account.ts";
import { prepareCluster } from "./cluster.ts";
import { type Access, databaseName, discardKeys, keysOf, urlFor } from "./keys.ts";
import { clearLeftOver } from "./left-over.ts";
import { prepareDatabase, prepareRoles } from "./roles.ts";

export interface Database {
  readonly pid: number;
  readonly access: Access;
  /** Resolves when it has ended, with the reason. */
  readonly ended: Promise<string>;
  readonly stop: () => Promise<void>;
}

export interface DatabaseOptions {
  /** False for throwaway test data only. */
  readonly durable?: boolean;
  /** Its earlier port, so that clients find it again. */
  readonly port?: number;
  readonly say?: (line: string) => void;
}

async function answers(connectionString: string): Promise<boolean> {
  const client = new pg.Client({ connectionString, connectionTimeoutMillis: 1000 });
  try {
    await client.connect();
    await client.query("select 1");
    return true;
  } catch {
    return false;
  } finally {
    await client.end().catch(() => undefined);
  }
}

/** The last lines of the newest log file, for a message. */
export function lastOfLog(folder: string, lines = 12): string {
  const log = join(resolve(folder), "log");
  if (!existsSync(log)) return "It wrote no log.";
  const newest = readdirSync(log)
    .map((name) => join(log, name))
    .sort((a, b) => statSync(b).mtimeMs - statSync(a).mtimeMs)[0];
  if (newest === undefined) return "Its log is empty.";
  return readFileSync(newest, "utf8").trimEnd().split("\n").slice(-lines).join("\n");
}

function launch(data: string, port: number, durable: boolean): ChildProcess {
  const settings = [
    "listen_addresses=127.0.0.1",
    `port=${port}`,
    "unix_socket_directories=",
    "password_encryption=scram-sha-256",
    "logging_collector=on",
    "log_directory=log",
    // A failed statement's values are the project's own and stay out of logs.
    "log_min_error_statement=panic",
    "log_error_verbosity=terse",
    ...(durable ? [] : ["fsync=off", "full_page_writes=off", "synchronous_commit=off"]),
  ];
  return spawn(program("postgres"), ["-D", data, ...settings.flatMap((s) => ["-c", s])], {
    ...asDatabaseUser(),
    stdio: "ignore",
    detached: true,
  });
}

async function whenReady(url: string, ended: () => boolean, data: string): Promise<void> {
  for (let tries = 0; !(await answers(url)); tries++) {
    if (ended() || tries > 300)
      throw new Error(`PostgreSQL did not start. The last it logged:\n${lastOfLog(data)}`);
    await sleep(100);
  }
}

function handle(child: ChildProcess, access: Access, ended: Promise<string>): Database {
  let over = false;
  void ended.then(() => {
    over = true;
  });
  return {
    pid: child.pid!,
    access,
    ended,
    stop: async () => {
      if (!over) child.kill("SIGINT");
      await ended;
    },
  };
}

/** Starts PostgreSQL on a data directory, created if missing, and waits until it answers. */
export async function startDatabase(
  folder: string,
  { durable = true, port: wanted, say = () => {} }: DatabaseOptions = {},
): Promise<Database> {
  const data = resolve(folder);
  const account = databaseAccount();
  const known = keysOf(data);
  allowThrough(dirname(data), account, say);
  if (existsSync(data)) await clearLeftOver(data, say);
  prepareCluster(data, account, known, say);
  const access = { port: wanted ?? (await freePort()), keys: known.keys };
  const child = launch(data, access.port, durable);
  let gone = false;
  const ended = new Promise<string>((done) =>
    child.once("exit", (code, signal) => {
      gone = true;
      done(signal ?? `code ${code}`);
    }),
  );
  try {
    await whenReady(urlFor(access, "keeper", "postgres"), () => gone, data);
    await prepareRoles(access);
    await prepareDatabase(access, databaseName);
  } catch (error) {
    if (!gone) child.kill("SIGINT");
    await ended;
    throw error;
  }
  return handle(child, access, ended);
}

/** Removes a data directory with its keys. */
export function discardDatabase(folder: string): void {
  const data = resolve(folder);
  rmSync(data, { recursive: true, force: true });
  discardKeys(data);
}
