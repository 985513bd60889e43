import { spawn, spawnSync } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { afterAll, describe, expect, it } from "vitest";
import { freePort, portIsFree } from "../port.ts";
import { type Running, readRunning } from "./running.ts";

const root = fileURLToPath(new URL("../..", import.meta.url));
// Outside the project, where any account has access: PostgreSQL does not run as root.
const data = mkdtempSync(join(tmpdir(), "start-test-"));
spawnSync("chmod", ["755", data]);
afterAll(() => rmSync(data, { recursive: true, force: true }));

const command = ["--conditions=source", "--import", "tsx", "scripts/start.ts"];
const start = (args: string[], env: Record<string, string> = {}) =>
  spawnSync(process.execPath, [...command, ...args], {
    cwd: root,
    encoding: "utf8",
    env: { ...process.env, PROVEN_SEAT_DATA: data, ...env },
    input: "",
  });

describe("start reports faults before it touches anything", () => {
  it("names an unknown option, and the valid ones", () => {
    const { status, stderr } = start(["--frsh"]);
    expect(status).toBe(2);
    expect(stderr).toContain('does not know "--frsh"');
    expect(stderr).toContain("--backup FILE");
  });
  it("does one thing at a time", () => {
    expect(start(["--stop", "--status"])).toMatchObject({
      status: 2,
      stderr: expect.stringContaining("Use one of them"),
    });
  });
  it.each(["0", "70000", "http"])("refuses PORT=%s", (port) => {
    expect(start([], { PORT: port })).toMatchObject({
      status: 2,
      stderr: expect.stringContaining("PORT must be a number"),
    });
  });
  it.each(["0.0.0.0", "192.168.1.5", "::", "127.0.0.1.example.com"])(
    "refuses HOST=%s and explains why",
    (host) => {
      expect(start([], { HOST: host })).toMatchObject({
        status: 2,
        stderr: expect.stringMatching(/without user accounts[\s\S]*--behind-proxy/),
      });
    },
  );
  it("explains how to choose another port when one is busy", async () => {
    const blocker = createServer();
    const port = await new Promise<number>((done) =>
      blocker.listen(0, "127.0.0.1", () => done((blocker.address() as { port: number }).port)),
    );
    expect(start([], { PORT: String(port) })).toMatchObject({
      status: 1,
      stderr: expect.stringContaining(`Port ${port} is busy`),
    });
    await new Promise((done) => blocker.close(done));
    expect(await portIsFree(port, "127.0.0.1")).toBe(true);
  });
  it("discards nothing when nobody can confirm", () => {
    expect(start(["--fresh"], { PORT: "4999" })).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("--fresh --yes"),
    });
  });
  it("reports where nothing runs", () => {
    expect(start(["--status"])).toMatchObject({ status: 3, stdout: expect.stringContaining("does not run") });
    expect(start(["--stop"])).toMatchObject({ status: 0, stdout: expect.stringContaining("did not run") });
  });
});

describe("start keeps the program running", () => {
  const running = () => readRunning(join(data, "running.json")) as Running;
  const postmaster = () => Number(readFileSync(join(data, "database/postmaster.pid"), "utf8").split("\n")[0]);

  it("through kills of server, database and itself, and lets a second start find the first", {
    timeout: 600_000,
  }, async () => {
    const port = await freePort();
    const url = `http://127.0.0.1:${port}`;
    let said = "";
    const launch = (args: string[] = []) => {
      const child = spawn(process.execPath, [...command, ...args], {
        cwd: root,
        env: { ...process.env, PROVEN_SEAT_DATA: data, PORT: String(port) },
        stdio: ["ignore", "pipe", "pipe"],
      });
      for (const stream of [child.stdout, child.stderr])
        stream.on("data", (chunk: Buffer) => {
          said += chunk;
        });
      return child;
    };
    const healthy = () =>
      expect.poll(async () => (await fetch(`${url}/api/health`).catch(() => null))?.status).toBe(200);
    const first = launch();
    await healthy();

    const second = start([], { PORT: String(await freePort()) });
    expect(second).toMatchObject({ status: 0, stdout: expect.stringContaining(`already running on ${url}`) });
    expect(start(["--status"])).toMatchObject({ status: 0, stdout: expect.stringContaining(url) });
    expect(start(["--restore", "nothing"])).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("--stop"),
    });

    process.kill(running().server!.pid, "SIGKILL");
    await expect.poll(() => said).toContain("The server ended by SIGKILL");
    await healthy();

    process.kill(postmaster(), "SIGKILL");
    await expect.poll(() => said).toContain("The database ended by SIGKILL");
    await healthy();

    const orphan = running().server!.pid;
    first.kill("SIGKILL");
    await expect.poll(() => existsSync(`/proc/${orphan}`)).toBe(false);
    // The lock file was emptied too, and a nightly backup came before the restart.
    writeFileSync(join(data, "database/postmaster.pid"), "");
    said = "";
    const copying = launch(["--backup", join(data, "night.backup")]);
    await expect.poll(() => running().does).toBe("backup");
    const copied = new Promise((done) => copying.once("exit", done));
    launch();
    await expect.poll(() => said).toContain("A backup is in progress");
    expect(start(["--status"])).toMatchObject({ status: 3, stdout: expect.stringContaining("A backup") });
    expect(await copied).toBe(0);
    await healthy();
    expect(said).toContain("A database left running by a start that was killed is stopped first");
    expect(start(["--stop"])).toMatchObject({ status: 0, stdout: expect.stringContaining("is stopped") });

    said = "";
    launch();
    await expect.poll(() => readRunning(join(data, "running.json"))?.databasePort ?? null).not.toBeNull();
    process.kill(postmaster(), "SIGKILL");
    await healthy();
    expect(said).toContain("The database runs again");
    expect(start(["--stop"])).toMatchObject({ status: 0, stdout: expect.stringContaining("is stopped") });
    expect(await portIsFree(port, "127.0.0.1")).toBe(true);
  });
});
