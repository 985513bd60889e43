import { randomBytes } from "node:crypto";
import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import type { EntityManager, MikroORM } from "@mikro-orm/postgresql";
import type { Project, Tag, TagRow } from "@proven-seat/contract";
import pg from "pg";
import { pino } from "pino";
import { inject } from "vitest";
import { type RoleName, urlFor } from "../../scripts/database/keys.ts";
import { prepareDatabase } from "../../scripts/database/roles.ts";
import { type AppParts, buildApp } from "../src/http/app.ts";
import { tendConnections } from "../src/http/connections.ts";
import { endServing } from "../src/http/ending.ts";
import { Live } from "../src/http/live.ts";
import { RequestsInProgress } from "../src/http/requests-in-progress.ts";
import { Jobs, type JobsOptions } from "../src/jobs/jobs.ts";
import { Pictures } from "../src/pictures/pictures.ts";
import { startWork, type Worker } from "../src/provings/work.ts";
import { connect } from "../src/store/orm.ts";
import { plainSql } from "../src/store/plain.ts";
import { connectQueue } from "../src/store/queue.ts";
import { demoTemplate } from "./demo-template.ts";
import { jobWorker, pictureReducer } from "./job-worker.ts";
import { unpacked } from "./unpacked.ts";

export interface Answer<T> {
  readonly status: number;
  readonly headers: Headers;
  readonly body: T;
}

/** Settings of a test that differ from the usual ones. */
type TestParts = Partial<
  Omit<AppParts, "orm" | "db" | "jobs" | "pictures" | "queue" | "live" | "inFlight">
> & {
  readonly jobs?: JobsOptions;
};

/** A server on a database of its own, with the demo scenario. */
export interface TestServer {
  readonly orm: MikroORM;
  readonly url: string;
  readonly ask: <T = Record<string, unknown>>(
    method: string,
    path: string,
    body?: unknown,
  ) => Promise<Answer<T>>;
  /** A list page after page, as its Link headers lead. */
  readonly everyPage: <T>(path: string) => Promise<T[]>;
  readonly project: () => Promise<Project>;
  readonly tagNamed: (number: string) => Promise<Tag>;
  readonly sql: (text: string, as?: RoleName) => Promise<pg.QueryResult>;
  /** Starts a proving process; it ends with the server. */
  readonly work: () => Promise<Worker>;
  /** The address the application connects to. */
  readonly databaseUrl: string;
  /** The database as the owner of its tables sees it. */
  readonly asOwner: () => Promise<MikroORM>;
  /** Ends it, and waits so long for answers before it cuts them off. */
  readonly end: (answersMs?: number) => Promise<void>;
}

/** One engineer on loopback, every answer checked against the contract. */
const plain = {
  log: pino({ level: "silent" }),
  user: "engineer",
  entry: { hosts: [], proxySecret: null },
  requestRate: 0,
  checkAnswers: true,
};

export async function startTestServer({
  jobs: limits = {},
  webFolder = null,
  ...parts
}: TestParts = {}): Promise<TestServer> {
  const access = inject("database");
  const name = `test_${randomBytes(6).toString("hex")}`;
  await prepareDatabase(access, name, demoTemplate);
  const applicationUrl = urlFor(access, "application", name);
  const orm = await connect(applicationUrl);
  // A busy machine is waited for; tests of limits set their own.
  const jobs = new Jobs({ program: jobWorker, timeoutMs: 240_000, ...limits });
  const pictures = new Pictures({ program: pictureReducer, timeoutMs: 60_000 });
  const queue = await connectQueue(applicationUrl, { tends: false, onError: () => undefined });
  const db = plainSql(applicationUrl);
  const live = new Live(() => orm.em.fork() as EntityManager);
  const inFlight = new RequestsInProgress();
  const server: Server = createServer(
    buildApp({
      orm,
      db,
      jobs,
      pictures,
      queue,
      live,
      inFlight,
      ...plain,
      webFolder,
      ...parts,
    }),
  );
  tendConnections(server);
  await new Promise<void>((done) => server.listen(0, "127.0.0.1", done));
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;

  const workers: Worker[] = [];
  async function ask<T>(method: string, path: string, body?: unknown): Promise<Answer<T>> {
    const response = await fetch(url + path, {
      method,
      headers: { ...unpacked, ...(body !== undefined && { "content-type": "application/json" }) },
      ...(body !== undefined && { body: typeof body === "string" ? body : JSON.stringify(body) }),
    });
    const text = await response.text();
    const json = response.headers.get("content-type")?.includes("json");
    return {
      status: response.status,
      headers: response.headers,
      body: (json ? JSON.parse(text) : text) as T,
    };
  }
  async function everyPage<T>(path: string): Promise<T[]> {
    const items: T[] = [];
    for (let next: string | undefined = path; next !== undefined; ) {
      const { body, headers }: Answer<T[]> = await ask<T[]>("GET", next);
      items.push(...body);
      next = /<([^>]+)>; rel="next"/.exec(headers.get("link") ?? "")?.[1];
    }
    return items;
  }
  const project = async () => (await ask<Project[]>("GET", "/api/projects")).body[0]!;
  return {
    orm,
    url,
    ask,
    everyPage,
    project,
    tagNamed: async (number) => {
      const rows = await everyPage<TagRow>(`/api/projects/${(await project()).id}/tags`);
      return (await ask<Tag>("GET", `/api/tags/${rows.find((r) => r.number === number)!.id}`)).body;
    },
    sql: async (text, as = "owner") => {
      const client = new pg.Client({ connectionString: urlFor(access, as, name) });
      await client.connect();
      try {
        return await client.query(text);
      } finally {
        await client.end();
      }
    },
    asOwner: () => connect(urlFor(access, "owner", name)),
    databaseUrl: applicationUrl,
    work: async () => {
      const proving = await connectQueue(applicationUrl, { tends: true, onError: () => undefined });
      const worker = startWork(orm, proving, (error) => {
        throw error;
      });
      const ended = {
        stop: async () => {
          await worker.stop();
          await proving.stop({ graceful: false });
        },
      };
      workers.push(ended);
      return ended;
    },
    end: async (answersMs = 0) => {
      for (const worker of workers) await worker.stop();
      // All tests are done; only work in progress is waited for.
      await endServing(
        { server, live, inFlight, jobs, pictures, queue, orm, db },
        { answersMs, leftoversMs: 60_000 },
      );
    },
  };
}

/** Values of a tag that the save endpoint takes. */
export const editable = ({ number, service, unit, duty, choice, version }: Tag) => ({
  number,
  service,
  unit,
  duty,
  choice,
  version,
});
