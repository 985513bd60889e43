/** The server as a process of its own, and the migration before it. */
import { spawn, spawnSync } from "node:child_process";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { type Access, roles, urlFor } from "../database/keys.ts";
import { Hopeless, type Runs } from "./supervise.ts";

const root = fileURLToPath(new URL("../..", import.meta.url));
const keptLines = 20;
/** Exit code of the server's programs when the database is down: try again later (sysexits.h, EX_TEMPFAIL). */
const awayCode = 75;

/** Runs migrations and rights as the owner: the server is never given the owner's password. */
export function migrateDatabase(access: Access, database?: string): void {
  const { status, stderr } = spawnSync(process.execPath, [join(root, "server/dist/migrate.js")], {
    cwd: root,
    encoding: "utf8",
    env: {
      ...process.env,
      DATABASE_URL: urlFor(access, "owner", database),
      APPLICATION_ROLE: roles.application,
    },
  });
  if (status === 0) return;
  const message = `the database could not be brought up to this release\n${stderr.trimEnd()}`;
  throw status === awayCode ? new Error(message) : new Hopeless(message);
}

/** Objects of a proof live for milliseconds: with enough room nearly all are dead before garbage is collected. */
export const proverFlags = ["--max-semi-space-size=64", "--single-threaded-gc"];

export const proverProgram = [...proverFlags, join(root, "server/dist/prover.js")];

/** Starts a proving process. */
export const startProver = (env: Record<string, string>): Promise<Runs> =>
  startProgram("prover", proverProgram, env);

/** Starts the server and waits until it answers. */
export const startServer = (env: Record<string, string>, noted: (pid: number) => void): Promise<Runs> =>
  startProgram("server", [join(root, "server/dist/main.js")], env, noted);

/** Starts a program and waits until it is ready; it ends by itself when this process is gone. */
async function startProgram(
  what: string,
  program: readonly string[],
  env: Record<string, string>,
  noted: (pid: number) => void = () => undefined,
): Promise<Runs> {
  const child = spawn(process.execPath, program, {
    cwd: root,
    // A process group of its own: Ctrl-C reaches this process, which stops the server in order.
    detached: true,
    stdio: ["ignore", "inherit", "pipe", "ipc"],
    env: { ...process.env, NODE_ENV: "production", ...env },
  });
  const lines: string[] = [];
  child.stderr!.setEncoding("utf8").on("data", (text: string) => {
    process.stderr.write(text);
    lines.push(...text.split("\n").filter((line) => line !== ""));
    lines.splice(0, lines.length - keptLines);
  });
  let over = false;
  const ended = new Promise<{ by: string; hopeless: boolean }>((done) =>
    child.once("exit", (code, signal) => {
      over = true;
      // With code 2 the server reports a problem that needs a person.
      done({ by: signal ?? `code ${code}`, hopeless: code === 2 });
    }),
  );
  if (child.pid !== undefined) noted(child.pid);
  await Promise.race([
    new Promise((ready) => child.once("message", ready)),
    ended.then(({ by, hopeless }) => {
      const message = `the ${what} ended by ${by} before it was ready\n${lines.join("\n")}`;
      throw hopeless ? new Hopeless(message) : new Error(message);
    }),
  ]);
  return {
    ended,
    lastLines: () => lines.join("\n"),
    stop: async () => {
      if (!over) child.kill("SIGTERM");
      const impatient = setTimeout(() => child.kill("SIGKILL"), 10_000);
      await ended;
      clearTimeout(impatient);
    },
  };
}
