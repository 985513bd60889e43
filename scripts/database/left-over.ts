/** What a start that was killed leaves behind: a postmaster, its children, a lock file of nobody. */
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
 * Ends whatever still works on a data directory and clears a lock file that is empty, stale or another program's:
 * PostgreSQL itself would take any living process of that number for itself and refuse to start.
 */
export async function clearLeftOver(data: string, say: (line: string) => void): Promise<void> {
  const file = join(data, "postmaster.pid");
  for (const signal of ["SIGINT", "SIGQUIT", "SIGKILL"] as const) {
    const alive = processesOn(data);
    if (alive.length === 0) break;
    if (signal === "SIGINT")
      say(`A database left running by a start that was killed is stopped first (process ${alive[0]}).`);
    // A fast stop is asked of the postmaster, which has the command line; children alone are ended one by one.
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
