import { type ChildProcess, spawn } from "node:child_process";
import { setTimeout as sleep } from "node:timers/promises";
import type { Proving } from "@proven-seat/contract";
import type { Duty } from "@proven-seat/core/duty";
import { afterEach, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { tries } from "../../../core/test/effort.ts";
import { build } from "../../../scripts/build.ts";
import { proverProgram } from "../../../scripts/start/server.ts";
import { startTestServer, type TestServer } from "../../test/api.ts";
import { provingEnded } from "../../test/proving.ts";

let server: TestServer;
let path: string;
let processes: ChildProcess[];
/** Tags of the list. */
let total: number;

/** A worker process of its own, ready. */
async function startProcess(): Promise<ChildProcess> {
  const child = spawn(process.execPath, proverProgram, {
    env: { ...process.env, DATABASE_URL: server.databaseUrl, LOG_LEVEL: "silent" },
    stdio: ["ignore", "ignore", "inherit", "ipc"],
  });
  processes.push(child);
  await new Promise<void>((ready, failed) => {
    child.once("message", () => ready());
    child.once("exit", (code) => failed(new Error(`it ended with ${code}`)));
  });
  return child;
}

const count = async (sql: string) => Number((await server.sql(sql)).rows[0].n);
const proved = () => count("select count(*) as n from tag_result");
async function waitUntilProved(n: number): Promise<void> {
  for (let i = 0; i < 3000 && (await proved()) < n; i++) await sleep(50);
  expect(await proved()).toBeGreaterThanOrEqual(n);
}
/** Number of proved tags once two seconds added none: machines differ in how fast they put work down. */
async function waitUntilSteady(): Promise<number> {
  for (let last = await proved(); ; ) {
    await sleep(2000);
    const now = await proved();
    if (now === last) return now;
    last = now;
  }
}
const ask = async () => (await server.ask<Proving>("POST", `${path}/provings`, { what: "list" })).body;

// The worker process as it is served.
beforeAll(() => void build());
beforeEach(async () => {
  processes = [];
  server = await startTestServer();
  path = `/api/projects/${(await server.project()).id}`;
  // Every write of each tag, recorded by the database itself; and a lost chunk is free sooner.
  for (const sql of [
    "create table written (tag_id uuid)",
    "create function write_down() returns trigger language plpgsql security definer as $$ begin insert into written values (new.tag_id); return new; end $$",
    "create trigger written_down after insert or update of summary on tag_result for each row execute function write_down()",
    "update pgboss.queue set expire_seconds = 2",
  ])
    await server.sql(sql);
  total = 64;
});
afterEach(async () => {
  for (const child of processes) child.kill("SIGKILL");
  await server.end();
});

/** Makes the list this many times as long, each tag with a duty of its own, so that none shares a proof. */
async function lengthen(times: number): Promise<void> {
  const tags = (await server.sql("select number, duty from tag")).rows as { number: string; duty: Duty }[];
  const more = Array.from({ length: times - 1 }, (_, n) =>
    tags.map(({ number, duty }) => ({
      number: `${number}-${n}`,
      service: "",
      unit: "",
      duty: {
        ...duty,
        cases: duty.cases.map((c) => ({
          ...c,
          temperatureC: c.temperatureC === null ? null : c.temperatureC + (n + 1) / 100,
        })),
      },
    })),
  ).flat();
  expect((await server.ask("POST", `${path}/imports`, { tags: more })).status).toBe(201);
  total = 64 * times;
}

async function expectEachOnce(): Promise<void> {
  expect(await proved()).toBe(total);
  expect(
    await count(
      "select count(*) as n from (select tag_id from written group by tag_id having count(*) <> 1) x",
    ),
  ).toBe(0);
}

describe("a list whose provers are killed", { timeout: 600_000 }, () => {
  it("is continued where it was, none lost and none twice", async () => {
    await lengthen(tries(2, 4));
    const first = await startProcess();
    await startProcess();
    const begun = await ask();
    await waitUntilProved(40);
    first.kill("SIGKILL");
    await waitUntilProved(80);
    for (const child of processes) child.kill("SIGKILL");
    expect(await waitUntilSteady()).toBeLessThan(total);
    // A repeated request during it returns the same proving.
    expect((await ask()).id).toBe(begun.id);
    await startProcess();
    expect(await provingEnded(server, path, begun)).toMatchObject({ state: "done", done: total });
    await expectEachOnce();
  });
  it("is queued again where the queue was lost", async () => {
    const begun = await ask();
    await server.sql("delete from pgboss.job");
    await startProcess();
    expect(await provingEnded(server, path, begun)).toMatchObject({ state: "done", done: total });
    await expectEachOnce();
  });
  it("continues when its connections are cut", async () => {
    await startProcess();
    const begun = await ask();
    for (const n of [10, 25, 40]) {
      await waitUntilProved(n);
      await server
        .sql(
          "select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()",
        )
        .catch(() => undefined);
    }
    expect(await provingEnded(server, path, begun)).toMatchObject({ state: "done" });
    await expectEachOnce();
  });
});

describe("a cancelled proving", { timeout: 600_000 }, () => {
  it("stops early, keeps its results, and is continued for the rest", async () => {
    await lengthen(tries(2, 4));
    await startProcess();
    await startProcess();
    const begun = await ask();
    await waitUntilProved(40);
    const { body } = await server.ask<Proving>("DELETE", `${path}/provings/${begun.id}`);
    expect(body.state).toBe("cancelled");
    const kept = await waitUntilSteady();
    expect(kept).toBeLessThan(total);
    const rest = await ask();
    expect(rest.total).toBe(total - kept);
    expect(await provingEnded(server, path, rest)).toMatchObject({ state: "done" });
    await expectEachOnce();
  });
});

describe("a proving cancelled right after a worker took a chunk", { timeout: 600_000 }, () => {
  it("is put down in the middle of the chunk", async () => {
    await lengthen(2);
    await server.sql("update pgboss.queue set expire_seconds = 60");
    await startProcess();
    const begun = await ask();
    const inFlight = () => count("select count(*) as n from pgboss.job where state = 'active'");
    while ((await inFlight()) === 0) await sleep(20);
    await server.ask("DELETE", `${path}/provings/${begun.id}`);
    // Two chunks of forty are in progress, seconds of work; a machine half as fast also proves half as much meanwhile.
    while ((await inFlight()) > 0) await sleep(50);
    expect(await proved()).toBeLessThan(80);
  });
});

describe("a record that cannot be proved", { timeout: 600_000 }, () => {
  it("is given up after some tries and reported, and the rest is proved", async () => {
    // An unreadable record, as a defect of the program would leave it.
    await server.sql("update tag set duty = '{\"format\": \"nonsense\"}' where number = 'XV-3017'");
    await startProcess();
    const ended = await provingEnded(server, path, await ask());
    expect(ended).toMatchObject({ state: "failed", total: total, done: total - 1 });
    expect(await proved()).toBe(total - 1);
  });
});
