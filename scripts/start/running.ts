/** Which `./start` runs in this folder: one file, taken by one process at a time. */
import { existsSync, linkSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from "node:fs";
import { dirname } from "node:path";

/** A process by number and by when it started: numbers are used again. */
export interface Process {
  readonly pid: number;
  readonly started: string;
}

/** Why a process has the folder: it serves, or works on the database for a while. */
export type Work = "serve" | "backup" | "restore";

export interface Running {
  readonly start: Process;
  readonly does: Work;
  readonly url: string;
  readonly since: string;
  readonly server: Process | null;
  /** Where the database listens; null until it does. */
  readonly databasePort: number | null;
}

/** A process at present; null where there is none. */
export function processNow(pid: number): Process | null {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, "utf8");
    const fields = stat.slice(stat.lastIndexOf(")") + 2).split(" ");
    // A process that has ended and was not yet collected is not running.
    return fields[0] === "Z" ? null : { pid, started: fields[19]! };
  } catch {
    return null;
  }
}

export const isAlive = (program: Process | null): boolean =>
  program !== null && processNow(program.pid)?.started === program.started;

/** Content of the file; null where there is none or it is not valid. */
export function readRunning(file: string): Running | null {
  try {
    const read = JSON.parse(readFileSync(file, "utf8")) as Running;
    const is = typeof read.start?.pid === "number" && typeof read.url === "string";
    // An earlier release did not record its purpose; only serving lasts.
    return is ? { ...read, does: read.does ?? "serve" } : null;
  } catch {
    return null;
  }
}

function put(file: string, running: Running, place: (from: string, to: string) => void): void {
  const draft = `${file}.${process.pid}`;
  writeFileSync(draft, JSON.stringify(running), { mode: 0o600 });
  try {
    place(draft, file);
  } finally {
    rmSync(draft, { force: true });
  }
}

/** Moves the file of a dead process aside; if it was taken in between, it is put back. */
function clear(file: string): Running | null {
  const aside = `${file}.stale-${process.pid}`;
  try {
    renameSync(file, aside);
  } catch {
    return null;
  }
  const moved = readRunning(aside);
  if (moved && isAlive(moved.start) && !existsSync(file)) linkSync(aside, file);
  rmSync(aside, { force: true });
  return moved;
}

export type Taken =
  | { readonly taken: true; readonly leftBy: Running | null }
  | { readonly taken: false; readonly by: Running };

/** Takes the folder for this process, or returns who has it. */
export function takeFolder(file: string, url: string, does: Work = "serve"): Taken {
  mkdirSync(dirname(file), { recursive: true });
  const mine = {
    start: processNow(process.pid)!,
    does,
    url,
    since: new Date().toISOString(),
    server: null,
    databasePort: null,
  };
  let leftBy: Running | null = null;
  for (;;) {
    try {
      // A link is created completely or not at all, and only where no file is.
      put(file, mine, linkSync);
      return { taken: true, leftBy };
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== "EEXIST") throw error;
    }
    const by = readRunning(file);
    if (by && isAlive(by.start)) return { taken: false, by };
    leftBy = clear(file) ?? leftBy;
  }
}

function note(file: string, change: Partial<Running>): void {
  const running = readRunning(file);
  if (running?.start.pid === process.pid) put(file, { ...running, ...change }, renameSync);
}

/** Records the server's process, so that a later start finds it if this one is killed. */
export const noteServer = (file: string, pid: number) => note(file, { server: processNow(pid) });

/** Notes where the database listens, for a backup while it runs. */
export const noteDatabase = (file: string, port: number) => note(file, { databasePort: port });

/** Releases the folder, for this process or for a dead one. */
export function leaveFolder(file: string, pid = process.pid): void {
  if (readRunning(file)?.start.pid === pid) rmSync(file, { force: true });
}
