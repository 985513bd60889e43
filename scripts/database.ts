/** PostgreSQL for this project alone: own data directory, loopback only, free port. */
import { type ChildProcess, execFileSync, spawn } from "node:child_process";
import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
} from "node:fs";
import { createServer } from "node:net";
import { dirname, join, resolve } from "node:path";
import pg from "pg";

export interface Database {
  readonly url: string;
  readonly stop: () => Promise<void>;
}

const name = "proven_seat";

function binFolder(): string {
  const versions = readdirSync("/usr/lib/postgresql").sort((a, b) => Number(b) - Number(a));
  return join("/usr/lib/postgresql", versions[0]!, "bin");
}

/** PostgreSQL refuses to run as root: as root it runs as the postgres user of Debian's package. */
function runAs(): { uid?: number; gid?: number } {
  if (process.getuid!() !== 0) return {};
  const [, , uid, gid] = execFileSync("getent", ["passwd", "postgres"], { encoding: "utf8" }).split(":");
  return { uid: Number(uid), gid: Number(gid) };
}

async function freePort(): Promise<number> {
  return new Promise((done, failed) => {
    const probe = createServer();
    probe.once("error", failed);
    probe.listen(0, "127.0.0.1", () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => done(port));
    });
  });
}

/** The postgres user must be able to walk down to the data directory; only search permission is added. */
function letThrough(folder: string, owner: number): void {
  for (let at = folder; at !== "/"; at = dirname(at)) {
    const { mode, uid } = statSync(at);
    if (uid !== owner && (mode & 0o001) === 0) chmodSync(at, (mode & 0o7777) | 0o001);
  }
}

async function answers(url: string): Promise<boolean> {
  const client = new pg.Client({ connectionString: url, connectionTimeoutMillis: 1000 });
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

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === "EPERM";
  }
}

/** A postmaster left over from a killed start is stopped before a new one takes its place. */
async function stopLeftOver(data: string): Promise<void> {
  const pidFile = join(data, "postmaster.pid");
  if (!existsSync(pidFile)) return;
  const pid = Number(readFileSync(pidFile, "utf8").split("\n")[0]);
  const command = existsSync(`/proc/${pid}/cmdline`) ? readFileSync(`/proc/${pid}/cmdline`, "utf8") : "";
  if (!command.includes(data)) return;
  process.kill(pid, "SIGINT");
  for (let i = 0; i < 100 && isAlive(pid); i++) await new Promise((r) => setTimeout(r, 100));
}

/**
 * Starts PostgreSQL on a data directory, made if it is not there, and waits until it answers.
 * `durable: false` is for throwaway test data only.
 */
export async function startDatabase(folder: string, { durable = true } = {}): Promise<Database> {
  const data = resolve(folder);
  const bin = binFolder();
  const account = runAs();
  mkdirSync(data, { recursive: true });
  if (account.uid !== undefined) {
    chownSync(data, account.uid, account.gid!);
    letThrough(dirname(data), account.uid);
  }
  chmodSync(data, 0o700);
  const options = { ...account, cwd: "/", env: { ...process.env, LC_ALL: "C.UTF-8" } };
  if (!existsSync(join(data, "PG_VERSION"))) {
    execFileSync(
      join(bin, "initdb"),
      ["-D", data, "-U", name, "--auth=trust", "--locale=C.UTF-8", "-E", "UTF8"],
      { ...options, stdio: "ignore" },
    );
  }
  await stopLeftOver(data);
  const port = await freePort();
  const settings = [
    "listen_addresses=127.0.0.1",
    `port=${port}`,
    "unix_socket_directories=",
    "logging_collector=on",
    "log_directory=log",
    ...(durable ? [] : ["fsync=off", "full_page_writes=off", "synchronous_commit=off"]),
  ];
  const child: ChildProcess = spawn(
    join(bin, "postgres"),
    ["-D", data, ...settings.flatMap((s) => ["-c", s])],
    { ...options, stdio: "ignore", detached: true },
  );
  let ended = false;
  child.once("exit", () => {
    ended = true;
  });
  const maintenance = `postgres://${name}@127.0.0.1:${port}/postgres`;
  for (let tries = 0; !(await answers(maintenance)); tries++) {
    if (ended || tries > 300)
      throw new Error(`PostgreSQL did not start. Its log is in ${join(data, "log")}.`);
    await new Promise((r) => setTimeout(r, 100));
  }
  const client = new pg.Client({ connectionString: maintenance });
  await client.connect();
  const { rowCount } = await client.query("select 1 from pg_database where datname = $1", [name]);
  if (rowCount === 0) await client.query(`create database ${name}`);
  await client.end();
  return {
    url: `postgres://${name}@127.0.0.1:${port}/${name}`,
    stop: () =>
      new Promise((done) => {
        if (ended) return done();
        child.once("exit", () => done());
        child.kill("SIGINT");
      }),
  };
}

/** Removes a data directory. */
export function discardDatabase(folder: string): void {
  rmSync(resolve(folder), { recursive: true, force: true });
}
