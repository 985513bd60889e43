/** The account that runs PostgreSQL, and its access to the data. */
import { execFileSync } from "node:child_process";
import { chmodSync, existsSync, readdirSync, statSync } from "node:fs";
import { dirname, join } from "node:path";

/** The newest of Debian's PostgreSQL programs. */
export function program(name: string): string {
  const versions = readdirSync("/usr/lib/postgresql")
    .filter((v) => existsSync(join("/usr/lib/postgresql", v, "bin", name)))
    .sort((a, b) => Number(b) - Number(a));
  if (versions.length === 0)
    throw new Error(`PostgreSQL's ${name} is not installed: apt-get install postgresql`);
  return join("/usr/lib/postgresql", versions[0]!, "bin", name);
}

export interface Account {
  readonly uid?: number;
  readonly gid?: number;
}

/** PostgreSQL refuses to run as root: as root it runs as the postgres user of Debian's package. */
export function databaseAccount(): Account {
  if (process.getuid!() !== 0) return {};
  const [, , uid, gid] = execFileSync("getent", ["passwd", "postgres"], { encoding: "utf8" }).split(":");
  return { uid: Number(uid), gid: Number(gid) };
}

/**
 * The postgres user must be able to reach the data directory. Only search permission is added, with a message on how to
 * remove it: the rights of a folder belong to its owner.
 */
export function allowThrough(folder: string, { uid }: Account, say: (line: string) => void): void {
  if (uid === undefined) return;
  for (let ancestor = folder; ancestor !== "/"; ancestor = dirname(ancestor)) {
    const { mode, uid: owner } = statSync(ancestor);
    if (owner === uid || (mode & 0o001) !== 0) continue;
    chmodSync(ancestor, (mode & 0o7777) | 0o001);
    say(
      `${ancestor} could not be entered by the database's user; search permission was added (nothing can be listed or read by it). To take it back, with the database stopped: chmod o-x ${ancestor}`,
    );
  }
}

/** Environment of a PostgreSQL program: a neutral working folder and locale. */
export const asDatabaseUser = () => ({
  ...databaseAccount(),
  cwd: "/",
  env: { ...process.env, LC_ALL: "C.UTF-8" },
});
