/** Remains of a killed start: a postmaster, its children, a stale lock file. */
import { existsSync, readdirSync, readFileSync, readlinkSync, realpathSync, rmSync } from "node:fs";
import { join } from "node:path";
import { setTimeout as sleep } from "node:timers/promises";

const commandOf = (pid: number): string[] => {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, "utf8").split("\0");
  } catch {
    return [];
  }
};

const folderOf = (pid: number): string | null => {
  try {
    return readlinkSync(`/proc/${pid}/cwd`);
  } catch {
    return null;
  }
};

/** Every process of PostgreSQL that works on a data directory, whether or not its lock file names it. */
function processesOn(data: string): number[] {
  const real = realpathSync(data);
  return readdirSync("/proc")
    .filter((name) => /^\d+$/.test(name))
    .map(Number)
    .filter((pid) => /(^|\/)postgres(:|$)/.test(commandOf(pid)[0] ?? "") && folderOf(pid) === real);
}

/**
 * Ends every process on a data directory and removes a lock file that is empty, stale or another program's: PostgreSQL
 * would take any living process with that number for itself and refuse to start.
 */
export async function clearLeftOver(data: string, say: (line: string) => void): Promise<void> {
  const file = join(data, "postmaster.pid");
  for (const signal of ["SIGINT", "SIGQUIT", "SIGKILL"] as const) {
    const alive = processesOn(data);
    if (alive.length === 0) break;
    if (signal === "SIGINT")
      say(`A database left running by a start that was killed is stopped first (process ${alive[0]}).`);
    // The postmaster is asked for a fast stop; orphaned children are ended one by one.
    const postmaster = alive.filter((pid) => commandOf(pid).includes("-D"));
    for (const pid of postmaster.length > 0 && signal === "SIGINT" ? postmaster : alive) kill(pid, signal);
    for (let i = 0; i < 100 && processesOn(data).length > 0; i++) await sleep(100);
  }
  if (!existsSync(file)) return;
  const named = Number(readFileSync(file, "utf8").split("\n")[0]);
  say(
    named > 0
      ? `The lock file of a database that no longer runs (process ${named}) is removed.`
      : "An empty lock file of a database is cleared.",
  );
  rmSync(file, { force: true });
}

function kill(pid: number, signal: NodeJS.Signals): void {
  try {
    process.kill(pid, signal);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== "ESRCH") throw error;
  }
}
