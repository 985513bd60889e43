/** A data directory of PostgreSQL: created completely or not at all, and always with passwords. */
import { execFileSync } from "node:child_process";
import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statfsSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { basename, dirname, join } from "node:path";
import { type Account, asDatabaseUser, program } from "./account.ts";
import { type Keys, roles } from "./keys.ts";

/** Nobody is let in without a password, from this machine either. */
const access = `# Written by Proven Seat at every start.
host all all 127.0.0.1/32 scram-sha-256
`;

const leastFreeMb = 200;

/** Refuses to start on a disk that is as good as full, before anything is half written. */
export function needRoom(folder: string): void {
  const { bavail, bsize } = statfsSync(folder);
  const freeMb = Math.floor((bavail * bsize) / 2 ** 20);
  if (freeMb < leastFreeMb)
    throw new Error(
      `The disk that holds ${folder} is full: ${freeMb} MB are free and ${leastFreeMb} MB are needed. See what fills it: du -xh ${folder} | sort -h | tail`,
    );
}

const isWhole = (data: string) =>
  existsSync(join(data, "PG_VERSION")) && existsSync(join(data, "global/pg_control"));

/** Beside the data directory: left there by a start that was killed during creation. */
const halfMade = (data: string) => `${basename(data)}.making-`;

/** Makes the cluster beside its place and moves it there when it is whole, so that a kill leaves nothing half. */
function make(data: string, { uid, gid }: Account): void {
  const side = join(dirname(data), `${halfMade(data)}${process.pid}`);
  mkdirSync(side, { recursive: true });
  if (uid !== undefined) chownSync(side, uid, gid!);
  chmodSync(side, 0o700);
  try {
    execFileSync(
      program("initdb"),
      ["-D", side, "-U", roles.keeper, "--auth=reject", "--locale=C.UTF-8", "-E", "UTF8"],
      { ...asDatabaseUser(), stdio: ["ignore", "ignore", "pipe"] },
    );
  } catch (error) {
    rmSync(side, { recursive: true, force: true });
    const said = String((error as { stderr?: Buffer }).stderr ?? "").trim();
    throw new Error(`PostgreSQL could not make its data directory:\n${said}`);
  }
  renameSync(side, data);
}

/** Sets the keeper's password while nobody is connected: PostgreSQL's single-user mode reads SQL from its input. */
function lock(data: string, keys: Keys): void {
  execFileSync(program("postgres"), ["--single", "-D", data, "postgres"], {
    ...asDatabaseUser(),
    input: `alter role ${roles.keeper} password '${keys.keeper}'\n`,
    stdio: ["pipe", "ignore", "ignore"],
  });
}

/**
 * Ensures a complete cluster that asks for passwords. A cluster of an earlier release without passwords is closed here
 * too; so is one whose keys were lost.
 */
export function prepareCluster(
  data: string,
  account: Account,
  { keys, made }: { readonly keys: Keys; readonly made: boolean },
  say: (line: string) => void,
): void {
  const parent = dirname(data);
  mkdirSync(parent, { recursive: true });
  for (const name of readdirSync(parent))
    if (name.startsWith(halfMade(data)))
      // The process that creates it may have survived its start, and may write while the folder is cleared.
      rmSync(join(parent, name), { recursive: true, force: true, maxRetries: 20, retryDelay: 100 });
  needRoom(parent);
  if (existsSync(data) && !isWhole(data)) setAside(data, say);
  const isNew = !existsSync(data);
  if (isNew) make(data, account);
  chmodSync(data, 0o700);
  const file = join(data, "pg_hba.conf");
  const open = !existsSync(file) || readFileSync(file, "utf8") !== access;
  if (!open && !made) return;
  lock(data, keys);
  writeFileSync(file, access);
  if (account.uid !== undefined) chownSync(file, account.uid, account.gid!);
  chmodSync(file, 0o600);
  if (!isNew) say("The database asks for passwords from now on; they are in files only you can read.");
}

/** Files in the place of a data directory that are none are moved aside. */
function setAside(data: string, say: (line: string) => void): void {
  if (readdirSync(data).length === 0) {
    rmSync(data, { recursive: true });
    return;
  }
  const aside = `${data}.incomplete-${Math.floor(statSync(data).mtimeMs)}`;
  renameSync(data, aside);
  say(`${data} held an incomplete database and was moved to ${aside}. Remove it if it is not needed.`);
}
