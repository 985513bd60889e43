import { spawnSync } from "node:child_process";
import { createServer } from "node:net";
import { fileURLToPath } from "node:url";
import pg from "pg";
import { describe, expect, it } from "vitest";
import { discardDatabase, startDatabase } from "./database.ts";
import { portIsFree } from "./port.ts";

const root = fileURLToPath(new URL("..", import.meta.url));
const start = (args: string[], env: Record<string, string> = {}) =>
  spawnSync(process.execPath, ["--conditions=source", "--import", "tsx", "scripts/start.ts", ...args], {
    cwd: root,
    encoding: "utf8",
    env: { ...process.env, ...env },
    input: "",
  });

describe("start says what is wrong before it touches anything", () => {
  it("names an option it does not know", () => {
    expect(start(["--frsh"])).toMatchObject({
      status: 2,
      stderr: expect.stringContaining('does not know "--frsh"'),
    });
  });
  it.each(["0", "70000", "http"])("refuses PORT=%s", (port) => {
    expect(start([], { PORT: port })).toMatchObject({
      status: 2,
      stderr: expect.stringContaining("PORT must be a number"),
    });
  });
  it("says how to choose another port when one is busy", async () => {
    const blocker = createServer();
    const port = await new Promise<number>((done) =>
      blocker.listen(0, "127.0.0.1", () => done((blocker.address() as { port: number }).port)),
    );
    expect(await portIsFree(port, "127.0.0.1")).toBe(false);
    expect(start([], { PORT: String(port) })).toMatchObject({
      status: 1,
      stderr: expect.stringContaining(`Port ${port} is busy`),
    });
    await new Promise((done) => blocker.close(done));
    expect(await portIsFree(port, "127.0.0.1")).toBe(true);
  });
  it("discards nothing when nobody is there to ask", () => {
    expect(start(["--fresh"], { PORT: "4999" })).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("--fresh --yes"),
    });
  });
});

describe("the database", () => {
  const folder = `${root}.local/start-test-database`;
  const notes = async (url: string) => {
    const client = new pg.Client({ connectionString: url });
    await client.connect();
    const { rows } = await client.query("select what from note").catch(() => ({ rows: [] }));
    if (rows.length === 0)
      await client
        .query("create table note (what text); ")
        .then(() => client.query("insert into note values ('kept')"));
    await client.end();
    return rows.map((r) => (r as { what: string }).what);
  };
  it("listens on loopback, keeps data between runs, and takes over from one that was left running", async () => {
    discardDatabase(folder);
    const first = await startDatabase(folder, { durable: false });
    expect(new URL(first.url).hostname).toBe("127.0.0.1");
    expect(await notes(first.url)).toEqual([]);
    // Not stopped, as after a killed start.
    const second = await startDatabase(folder, { durable: false });
    expect(await notes(second.url)).toEqual(["kept"]);
    await second.stop();
    await first.stop();
    discardDatabase(folder);
  });
});
