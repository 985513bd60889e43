/** The whole database in a file, and back: both checked record by record. */
import { spawnSync } from "node:child_process";
import { chmodSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from "node:fs";
import { dirname, join, resolve } from "node:path";
import { fileURLToPath } from "node:url";
import pg from "pg";
import { program } from "../database/account.ts";
import { type Access, databaseName, urlFor } from "../database/keys.ts";
import { prepareDatabase } from "../database/roles.ts";
import { migrateDatabase } from "./server.ts";

const root = fileURLToPath(new URL("../..", import.meta.url));
const scratch = `${databaseName}_copy_${process.pid}`;

/** A copy that is damaged, or must not replace the present database. */
export class NoCopy extends Error {}

/** Runs a client program of PostgreSQL; the password is in its environment, which no process list shows. */
function client(name: string, access: Access, database: string, args: readonly string[]): string {
  const url = new URL(urlFor(access, "owner", database));
  const { status, stdout, stderr } = spawnSync(
    program(name),
    ["--host=127.0.0.1", `--port=${url.port}`, `--username=${url.username}`, "--no-password", ...args],
    {
      encoding: "utf8",
      maxBuffer: 2 ** 26,
      env: { ...process.env, PGPASSWORD: url.password, LC_ALL: "C.UTF-8" },
    },
  );
  if (status !== 0) throw new NoCopy(`${name} failed:\n${stderr.trim()}`);
  return stdout;
}

async function connected<T>(url: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

const asKeeper = <T>(access: Access, work: (client: pg.Client) => Promise<T>) =>
  connected(urlFor(access, "keeper", "postgres"), work);

const asOwner = <T>(access: Access, work: (client: pg.Client) => Promise<T>) =>
  connected(urlFor(access, "owner"), work);

const drop = (access: Access, name: string) =>
  asKeeper(access, (keeper) => keeper.query(`drop database if exists ${name} with (force)`));

interface Verified {
  readonly tags: number;
  readonly sheets: number;
  readonly faults: readonly string[];
}

function verify(access: Access, database: string): Verified {
  const { stdout, stderr } = spawnSync(process.execPath, [join(root, "server/dist/verify.js")], {
    encoding: "utf8",
    maxBuffer: 2 ** 26,
    env: { ...process.env, DATABASE_URL: urlFor(access, "owner", database) },
  });
  if (stdout.trim() === "") throw new NoCopy(`The records could not be checked:\n${stderr.trim()}`);
  const verified = JSON.parse(stdout) as Verified;
  if (verified.faults.length > 0)
    throw new NoCopy(
      `${verified.faults.length} records failed the check:\n${verified.faults.slice(0, 20).join("\n")}`,
    );
  return verified;
}

/** Reads a file into a database of its own, updates it to this release and checks it; the caller drops or keeps it. */
async function readInto(access: Access, file: string, name: string): Promise<Verified> {
  await prepareDatabase(access, name);
  client("pg_restore", access, name, [
    `--dbname=${name}`,
    "--no-owner",
    "--no-privileges",
    "--exit-on-error",
    "--single-transaction",
    "--schema=public",
    file,
  ]);
  migrateDatabase(access, name);
  return verify(access, name);
}

/** Writes the database to a file that is not there before it is whole. */
function dump(access: Access, file: string): void {
  const part = `${file}.part`;
  mkdirSync(dirname(file), { recursive: true });
  rmSync(part, { force: true });
  client("pg_dump", access, databaseName, [
    `--dbname=${databaseName}`,
    "--format=custom",
    "--no-owner",
    "--no-privileges",
    "--schema=public",
    `--file=${part}`,
  ]);
  chmodSync(part, 0o600);
  renameSync(part, file);
}

/** `./start --backup FILE`. */
export async function backup(access: Access, named: string, overwrite: boolean): Promise<string> {
  const file = resolve(named);
  if (existsSync(file) && !overwrite)
    throw new NoCopy(`${file} already exists. Name another file, or use --yes to overwrite it.`);
  const unchecked = `${file}.unchecked`;
  dump(access, unchecked);
  try {
    const { tags, sheets } = await readInto(access, unchecked, scratch);
    renameSync(unchecked, file);
    const mb = (statSync(file).size / 2 ** 20).toFixed(1);
    return `${file}: ${mb} MB, read back and checked: ${tags} tags, ${sheets} sheets proved again.`;
  } catch (error) {
    throw new NoCopy(`${(error as Error).message}\nWhat was written is kept as ${unchecked}.`);
  } finally {
    await drop(access, scratch);
  }
}

const projectsIn = (access: Access) =>
  asOwner(access, async (owner) => {
    const { rows } = await owner.query("select to_regclass('public.project') is not null as made");
    if (!rows[0].made) return 0;
    return Number((await owner.query("select count(*) from project")).rows[0].count);
  });

/** `./start --restore FILE`: the previous database is kept under another name. */
export async function restore(access: Access, named: string, over: boolean): Promise<string> {
  const file = resolve(named);
  if (!existsSync(file)) throw new NoCopy(`File ${file} does not exist.`);
  const projects = await projectsIn(access);
  if (projects > 0 && !over)
    throw new NoCopy(
      `The database already has ${projects} ${projects === 1 ? "project" : "projects"}. To replace the data with the copy: ./start --restore ${named} --yes`,
    );
  let kept = false;
  try {
    const { tags, sheets } = await readInto(access, file, scratch);
    const before = `${databaseName}_before_${new Date().toISOString().replace(/\D/g, "").slice(0, 14)}`;
    await asKeeper(access, async (keeper) => {
      await keeper.query(`alter database ${databaseName} rename to ${before}`);
      await keeper.query(`alter database ${scratch} rename to ${databaseName}`);
    });
    kept = true;
    return `${file} is read back and checked: ${tags} tags, ${sheets} sheets proved again. What was there before is kept in the database ${before}.`;
  } finally {
    if (!kept) await drop(access, scratch);
  }
}

const ending = ".backup";
const dayOf = (time: Date) => time.toISOString().slice(0, 10);

/** Automatic copies, the newest last. */
export function copiesIn(folder: string): string[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => name.endsWith(ending))
    .sort();
}

/** Number of daily copies to keep, from the settings. */
export const copiesToKeep = (access: Access): Promise<number> =>
  asOwner(access, async (owner) => (await owner.query("select copies from keeping")).rows[0].copies);

/** Makes the copy of the day if it is missing and copies are kept, and removes those above the number. */
export function copyOfToday(access: Access, folder: string, keep: number, now: Date): string | null {
  if (keep === 0) return null;
  const name = `${dayOf(now)}${ending}`;
  if (copiesIn(folder).includes(name)) return null;
  dump(access, join(folder, name));
  for (const old of copiesIn(folder).slice(0, -keep)) rmSync(join(folder, old));
  return name;
}
