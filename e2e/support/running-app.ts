import { type ChildProcess, spawn } from "node:child_process";
import { randomBytes } from "node:crypto";
import { setTimeout as sleep } from "node:timers/promises";
import { fileURLToPath } from "node:url";
import type { Proving, Tag, TagRow } from "@proven-seat/contract";
import { type Access, urlFor } from "../../scripts/database/keys.ts";
import { prepareDatabase } from "../../scripts/database/roles.ts";
import { freePort } from "../../scripts/port.ts";
import { proverProgram } from "../../scripts/start/server.ts";

/** The demonstration with its list proved. */
export const provedTemplate = "demo_proved";

const main = fileURLToPath(new URL("../../server/dist/main.js", import.meta.url));

/** The environment of a served program: without NODE_OPTIONS, which would run it from its sources. */
const asServed = (database: string, more: Record<string, string> = {}): NodeJS.ProcessEnv => {
  const { NODE_OPTIONS: _, ...own } = process.env;
  return { ...own, DATABASE_URL: database, LOG_LEVEL: "silent", NODE_ENV: "production", ...more };
};

/** The real server, built, on a database of its own with the demo. */
export class RunningApp {
  readonly url: string;
  readonly #port: number;
  readonly #database: string;
  #process: ChildProcess | null = null;
  readonly #prover: ChildProcess;

  private constructor(port: number, database: string) {
    this.#port = port;
    this.#database = database;
    this.url = `http://127.0.0.1:${port}`;
    this.#prover = spawn(process.execPath, proverProgram, {
      env: asServed(database),
      stdio: ["ignore", "ignore", "inherit"],
    });
  }

  /** On a copy of the demonstration, its list proved once for all. */
  static async start(template: string = provedTemplate): Promise<RunningApp> {
    const access = JSON.parse(process.env.E2E_DATABASE!) as Access;
    const name = `e2e_${randomBytes(6).toString("hex")}`;
    await prepareDatabase(access, name, template);
    return RunningApp.on(urlFor(access, "application", name));
  }

  /** On an existing database. */
  static async on(database: string): Promise<RunningApp> {
    const app = new RunningApp(await freePort(), database);
    await app.revive();
    return app;
  }

  /** Has the list of the demonstration proved, and waits for it. */
  async proveList(): Promise<void> {
    const [project] = (await (await fetch(`${this.url}/api/projects`)).json()) as { id: string }[];
    const provings = `${this.url}/api/projects/${project!.id}/provings`;
    await fetch(provings, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ what: "list" }),
    });
    for (;;) {
      const [proving] = (await (await fetch(provings)).json()) as Proving[];
      if (proving?.state === "done") return;
      if (proving?.state === "failed") throw new Error("the demonstration could not be proved");
      await sleep(100);
    }
  }

  /** Starts the server process, again after a kill. */
  async revive(): Promise<void> {
    const child = spawn(process.execPath, [main], {
      env: asServed(this.#database, { PORT: String(this.#port) }),
      stdio: ["ignore", "pipe", "inherit"],
    });
    this.#process = child;
    await new Promise<void>((ready, failed) => {
      child.stdout!.on("data", (chunk: Buffer) => chunk.toString().includes("is ready on") && ready());
      child.once("exit", (code) => failed(new Error(`the server ended with ${code}`)));
    });
  }

  /** Kills the server the hard way, as a crash would. */
  async kill(): Promise<void> {
    const child = this.#process;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((done) => child.once("exit", done));
    child.kill("SIGKILL");
    await gone;
  }

  async end(): Promise<void> {
    const proverGone = new Promise((done) => this.#prover.once("exit", done));
    this.#prover.kill("SIGKILL");
    await Promise.all([proverGone, this.kill()]);
  }

  async rows(): Promise<TagRow[]> {
    const [project] = (await (await fetch(`${this.url}/api/projects`)).json()) as { id: string }[];
    return (await (await fetch(`${this.url}/api/projects/${project!.id}/tags`)).json()) as TagRow[];
  }

  async tag(number: string): Promise<Tag> {
    const row = (await this.rows()).find((r) => r.number === number)!;
    return (await (await fetch(`${this.url}/api/tags/${row.id}`)).json()) as Tag;
  }

  async tagUrl(number: string, station = ""): Promise<string> {
    return `${this.url}/tags/${(await this.tag(number)).id}${station && `/${station}`}`;
  }
}
