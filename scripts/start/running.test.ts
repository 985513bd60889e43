import { spawn } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeEach, describe, expect, it } from "vitest";
import { isAlive, leaveFolder, noteServer, processNow, readRunning, takeFolder } from "./running.ts";

const folder = mkdtempSync(join(tmpdir(), "running-test-"));
const file = join(folder, "running.json");
beforeEach(() => rmSync(file, { force: true }));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe("the start that has the folder", () => {
  it("is the first, until it leaves", () => {
    expect(takeFolder(file, "http://a")).toEqual({ taken: true, leftBy: null });
    expect(takeFolder(file, "http://b")).toMatchObject({ taken: false, by: { url: "http://a" } });
    noteServer(file, process.pid);
    expect(readRunning(file)!.server).toEqual(processNow(process.pid));
    leaveFolder(file);
    expect(existsSync(file)).toBe(false);
  });
  it("is not one that is gone, whose running processes are named", () => {
    takeFolder(file, "http://a");
    const running = readRunning(file)!;
    // The number is in use, by a process with another start time.
    writeFileSync(
      file,
      JSON.stringify({ ...running, start: { ...running.start, started: "1" }, server: running.start }),
    );
    expect(takeFolder(file, "http://b")).toMatchObject({ taken: true, leftBy: { url: "http://a" } });
    expect(readRunning(file)!.url).toBe("http://b");
  });
  it.each(["", "{", "[]", '{"url":1}'])("is nobody by a file with %j", (text) => {
    writeFileSync(file, text);
    expect(takeFolder(file, "http://b").taken).toBe(true);
  });
  it("is named with its purpose; an earlier release only served", () => {
    takeFolder(file, "http://a", "backup");
    expect(takeFolder(file, "http://b")).toMatchObject({ taken: false, by: { does: "backup" } });
    const { does, ...before } = readRunning(file)!;
    writeFileSync(file, JSON.stringify(before));
    expect([does, readRunning(file)!.does]).toEqual(["backup", "serve"]);
  });
  it("is left alone by one that does not have it", () => {
    takeFolder(file, "http://a");
    const running = readRunning(file)!;
    writeFileSync(file, JSON.stringify({ ...running, start: { pid: 1, started: processNow(1)!.started } }));
    leaveFolder(file);
    noteServer(file, process.pid);
    expect(JSON.parse(readFileSync(file, "utf8"))).toMatchObject({ start: { pid: 1 }, server: null });
  });
  it("is one of many that ask at once", async () => {
    const module = new URL("./running.ts", import.meta.url).pathname;
    writeFileSync(file, "stale");
    const code = `import { takeFolder } from ${JSON.stringify(module)};
      const { taken } = takeFolder(${JSON.stringify(file)}, "http://x");
      process.stdout.write(taken ? "1" : "0"); setInterval(() => {}, 1000);`;
    const children = Array.from({ length: 4 }, () =>
      spawn(process.execPath, ["--conditions=source", "--import", "tsx", "--input-type=module", "-e", code]),
    );
    const answers = await Promise.all(
      children.map(
        (child) => new Promise<string>((done) => child.stdout.once("data", (c) => done(String(c)))),
      ),
    );
    for (const child of children) child.kill("SIGKILL");
    expect(answers.filter((a) => a === "1").length).toBe(1);
  });
});

describe("a process", () => {
  it("is known by its number and its start", () => {
    const me = processNow(process.pid);
    expect(isAlive(me)).toBe(true);
    expect(isAlive({ ...me!, started: "0" })).toBe(false);
    expect(isAlive(null)).toBe(false);
    expect(processNow(2 ** 30)).toBeNull();
  });
});
