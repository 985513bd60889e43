import { type ChildProcess, spawn } from "node:child_process";
import { randomBytes } from "node:crypto";
import { fileURLToPath } from "node:url";
import { test as base, expect } from "@playwright/test";
import type { Tag, TagRow } from "@proven-seat/contract";
import { type Access, roles, urlFor } from "../../scripts/database/keys.ts";
import { prepareDatabase } from "../../scripts/database/roles.ts";
import { freePort } from "../../scripts/port.ts";
import { proverProgram } from "../../scripts/start/server.ts";
import { setUpSchema } from "../../server/src/store/rights.ts";

const main = fileURLToPath(new URL("../../server/dist/main.js", import.meta.url));

/** The real server, built, on a database of its own with the demo in it. */
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
      env: { ...process.env, DATABASE_URL: database, LOG_LEVEL: "silent", NODE_ENV: "production" },
      stdio: ["ignore", "ignore", "inherit"],
    });
  }

  static async start(): Promise<RunningApp> {
    const access = JSON.parse(process.env.E2E_DATABASE!) as Access;
    const name = `e2e_${randomBytes(6).toString("hex")}`;
    await prepareDatabase(access, name);
    await setUpSchema(urlFor(access, "owner", name), roles.application);
    const app = new RunningApp(await freePort(), urlFor(access, "application", name));
    await app.revive();
    return app;
  }

  /** Starts the server process, again after a kill. */
  async revive(): Promise<void> {
    const child = spawn(process.execPath, [main], {
      env: {
        ...process.env,
        DATABASE_URL: this.#database,
        PORT: String(this.#port),
        LOG_LEVEL: "silent",
        NODE_ENV: "production",
      },
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
    this.#prover.kill("SIGKILL");
    await this.kill();
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

/** Every test file's worker has an application of its own; every page is watched for errors and strangers. */
export const test = base.extend<{ watched: undefined }, { app: RunningApp }>({
  app: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads the fixtures wanted from the pattern
    async ({}, use) => {
      const app = await RunningApp.start();
      await use(app);
      await app.end();
    },
    { scope: "worker" },
  ],
  watched: [
    async ({ page, app }, use) => {
      const faults: string[] = [];
      page.on("pageerror", (error) => faults.push(error.message));
      page.on(
        "console",
        (message) =>
          message.type() === "error" &&
          !message.text().includes("Failed to load resource") &&
          faults.push(message.text()),
      );
      page.on("request", (request) => {
        const url = new URL(request.url());
        if (url.protocol.startsWith("http") && url.origin !== app.url)
          faults.push(`request left for ${url.origin}`);
      });
      await use(undefined);
      expect(faults).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };
