/** Processes of one start, found by their command and folder, and killed. */
import { existsSync, readdirSync, readFileSync, readlinkSync } from "node:fs";
import { join } from "node:path";

/** Kills a process; false where there is none. */
export function kill(pid: number): boolean {
  try {
    process.kill(pid, "SIGKILL");
    return true;
  } catch {
    return false;
  }
}

/** Database processes with a client, found by their folder. */
export function backends(data: string): number[] {
  return readdirSync("/proc").flatMap((name) => {
    if (!/^\d+$/.test(name)) return [];
    try {
      const command = readFileSync(`/proc/${name}/cmdline`, "utf8");
      const mine = readlinkSync(`/proc/${name}/cwd`) === join(data, "database");
      return mine && command.startsWith("postgres: proven_seat_application") ? [Number(name)] : [];
    } catch {
      return [];
    }
  });
}

/** Proving processes of one start. */
export function provers(start: number | undefined): number[] {
  return readdirSync("/proc").flatMap((name) => {
    if (!/^\d+$/.test(name)) return [];
    try {
      const parent = Number(/\) \w (\d+)/.exec(readFileSync(`/proc/${name}/stat`, "utf8"))![1]);
      const proves = readFileSync(`/proc/${name}/cmdline`, "utf8").includes("server/dist/prover.js");
      return parent === start && proves ? [Number(name)] : [];
    } catch {
      return [];
    }
  });
}

export const postmasterOf = (data: string): number => {
  const file = join(data, "database/postmaster.pid");
  return existsSync(file) ? Number(readFileSync(file, "utf8").split("\n")[0]) : 0;
};
