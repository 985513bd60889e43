import { execFileSync } from "node:child_process";
import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import pg from "pg";
import { afterAll, afterEach, describe, expect, it } from "vitest";
import { asDatabaseUser, databaseAccount, program } from "./account.ts";
import { needRoom } from "./cluster.ts";
import { type Database, startDatabase } from "./index.ts";
import { roles, urlFor } from "./keys.ts";

const base = mkdtempSync(join(tmpdir(), "database-test-"));
chmodSync(base, 0o755);
let count = 0;
let running: Database[] = [];
const place = () => join(base, `at-${++count}`, "database");
const said: string[] = [];

async function start(data: string): Promise<Database> {
  const database = await startDatabase(data, { durable: false, say: (line) => said.push(line) });
  running.push(database);
  return database;
}
async function query(url: string, sql: string) {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return (await client.query(sql)).rows;
  } finally {
    await client.end();
  }
}

afterEach(async () => {
  for (const database of running) await database.stop();
  running = [];
  said.length = 0;
});
afterAll(() => rmSync(base, { recursive: true, force: true }));

describe("the database", () => {
  it("listens on loopback, keeps data between runs, and takes over from one that was left running", async () => {
    const data = place();
    const first = await start(data);
    expect(new URL(urlFor(first.access, "owner")).hostname).toBe("127.0.0.1");
    await query(urlFor(first.access, "owner"), "create table note (what text)");
    await query(urlFor(first.access, "owner"), "insert into note values ('kept')");
    const second = await start(data);
    expect(await query(urlFor(second.access, "owner"), "select what from note")).toEqual([{ what: "kept" }]);
    expect(said.join()).toContain("left running by a start that was killed");
    expect(second.access.keys).toEqual(first.access.keys);
  });
  it("keeps its passwords readable only to the user who starts it", async () => {
    const data = place();
    await start(data);
    for (const role of Object.keys(roles)) {
      const { mode, uid } = statSync(join(`${data}.keys`, role));
      expect([mode & 0o777, uid]).toEqual([0o600, process.getuid!()]);
    }
    expect(statSync(`${data}.keys`).mode & 0o777).toBe(0o700);
  });
  it("closes a cluster of an earlier release without passwords", async () => {
    const data = place();
    const { uid, gid } = databaseAccount();
    mkdirSync(data, { recursive: true });
    if (uid !== undefined) chownSync(data, uid, gid!);
    execFileSync(program("initdb"), ["-D", data, "-U", roles.keeper, "--auth=trust"], {
      ...asDatabaseUser(),
      stdio: "ignore",
    });
    const { access } = await start(data);
    const open = new URL(urlFor(access, "keeper"));
    open.password = "";
    await expect(query(open.href, "select 1")).rejects.toThrow(/password/);
    expect(await query(urlFor(access, "keeper"), "select 1 as one")).toEqual([{ one: 1 }]);
    expect(said.join()).toContain("asks for passwords from now on");
  });
  it("passes the tables of an earlier release, with its one role for everything, to the owner", async () => {
    const data = place();
    const first = await start(data);
    await query(urlFor(first.access, "keeper"), "create table tag (number text)");
    await first.stop();
    const second = await start(data);
    expect(await query(urlFor(second.access, "owner"), "alter table tag add column service text")).toEqual(
      [],
    );
    await expect(query(urlFor(second.access, "application"), "select * from tag")).rejects.toThrow(/denied/);
  });
  it("creates new passwords where the files were lost, and refuses the old ones", async () => {
    const data = place();
    const first = await start(data);
    await first.stop();
    rmSync(`${data}.keys`, { recursive: true });
    const second = await start(data);
    expect(second.access.keys.keeper).not.toBe(first.access.keys.keeper);
    const old = urlFor({ ...second.access, keys: first.access.keys }, "application");
    await expect(query(old, "select 1")).rejects.toThrow(/authentication failed/);
  });
});

describe("remains of a kill or of another program", () => {
  it("a half-made cluster beside its place is removed", async () => {
    const data = place();
    mkdirSync(`${data}.making-4711/base`, { recursive: true });
    await start(data);
    expect(readdirSync(join(data, "..")).filter((name) => name.includes("making"))).toEqual([]);
  });
  it("a folder without a complete database is moved aside and not deleted", async () => {
    const data = place();
    mkdirSync(data, { recursive: true });
    writeFileSync(join(data, "PG_VERSION"), "15\n");
    await start(data);
    const aside = readdirSync(join(data, "..")).find((name) => name.includes("incomplete"))!;
    expect(existsSync(join(data, "..", aside, "PG_VERSION"))).toBe(true);
    expect(said.join()).toContain("held an incomplete database");
  });
  it.each([
    ["an empty lock file", () => ""],
    ["a lock file of a process that is gone", () => `${2 ** 22 - 3}\n/elsewhere\n`],
    ["a lock file with the number of another program", () => `${process.pid}\n/elsewhere\n`],
  ])("%s is removed", async (_, text) => {
    const data = place();
    const first = await start(data);
    await first.stop();
    const file = join(data, "postmaster.pid");
    writeFileSync(file, text());
    const { uid, gid } = databaseAccount();
    if (uid !== undefined) chownSync(file, uid, gid!);
    const second = await start(data);
    expect(await query(urlFor(second.access, "owner"), "select 1 as one")).toEqual([{ one: 1 }]);
    expect(said.join()).toContain("lock file");
    expect(process.kill(process.pid, 0)).toBe(true);
  });
  it.runIf(process.getuid!() === 0)("a parent folder that its user may not enter is reported", async () => {
    const data = place();
    mkdirSync(join(data, ".."), { recursive: true });
    chmodSync(join(data, ".."), 0o700);
    await start(data);
    expect(said.join()).toMatch(/search permission was added.*chmod o-x/);
  });
});

describe("a full disk", () => {
  it("is reported before anything is half written", () => {
    // A file system of the kernel's own, which has no room at all.
    expect(() => needRoom("/proc")).toThrow(/is full: 0 MB are free[\s\S]*du -xh/);
    expect(() => needRoom(base)).not.toThrow();
    expect(readFileSync("/proc/self/stat", "utf8")).not.toBe("");
  });
});
