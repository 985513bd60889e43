import { spawn, spawnSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Readable } from "node:stream";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";
import { UnusableInput } from "./calc/items.ts";
import { runCalc } from "./calc/run.ts";

const root = fileURLToPath(new URL("..", import.meta.url));
const command = ["--conditions=source", "--import", "tsx", "scripts/calc.ts"];

/** The command in this process: its output and its exit code. */
async function calc(args: string[], input = "") {
  let stdout = "";
  const terminal = {
    input: Readable.from([Buffer.from(input)]),
    write: async (text: string) => {
      stdout += text;
    },
  };
  try {
    const status = await runCalc(args, terminal);
    return { status, stdout, stderr: "", json: () => JSON.parse(stdout) };
  } catch (error) {
    if (!(error instanceof UnusableInput)) throw error;
    return { status: 2, stdout, stderr: error.message, json: () => JSON.parse(stdout) };
  }
}
const asFile = (text: string) => {
  const file = join(mkdtempSync(join(tmpdir(), "calc-")), "input.json");
  writeFileSync(file, text);
  return file;
};

describe("calc", () => {
  it("lists names and prints schemas", async () => {
    expect((await calc(["list"])).stdout.trim().split("\n")).toEqual([
      "rating",
      "seat-limit",
      "floating-ball-torque",
      "trunnion-ball-torque",
      "butterfly-torque",
      "rack-and-pinion-output",
      "scotch-yoke-output",
      "manual-effort",
      "actuator-margin",
      "stall-probability",
      "mounting",
      "bolt-tightening",
      "joint-bolting",
      "seat-relief",
      "cavity-rise",
      "gas-compressibility",
      "vapour-pressure",
      "opening",
      "liquid-flow",
      "gas-flow",
      "steam-properties",
      "liquid-noise",
      "gas-noise",
      "leak-allowance",
      "seat-stack",
      "prove",
      "reprove",
    ]);
    expect((await calc(["schema", "rating"])).json()).toMatchObject({
      required: ["designation", "materialGroup", "temperatureC"],
    });
    expect((await calc(["schema", "prove"])).json()).toMatchObject({
      properties: { duty: { type: "object" } },
    });
    expect(await calc(["schema", "nothing"])).toMatchObject({ status: 2, stdout: "" });
  });
  it("reads an object from a file, a dash or nothing, with a byte order mark too", async () => {
    const expected = { flange: "F05", maximumTorqueNm: 125 };
    expect((await calc(["mounting", asFile('{"requiredTorqueNm":125}')])).json()).toEqual(expected);
    expect((await calc(["mounting", "-"], '{"requiredTorqueNm":125}')).json()).toEqual(expected);
    expect((await calc(["mounting"], '\uFEFF {"requiredTorqueNm":125}')).json()).toEqual(expected);
  });
  it("puts a failed item in its place, runs the others, and ends with 1", async () => {
    const result = await calc(["mounting"], '[{"requiredTorqueNm":1},{"requiredTorqueNm":300000},{}]');
    expect(result.status).toBe(1);
    expect(result.json()).toMatchObject([
      { flange: "F03" },
      { error: { code: "torque-above-largest-flange" } },
      { error: { code: "invalid-input", field: "requiredTorqueNm" } },
    ]);
    expect((await calc(["mounting"], '{"requiredTorqueNm":-1}')).status).toBe(1);
    expect(await calc(["mounting"], "[]")).toMatchObject({ status: 0, stdout: "[]\n" });
  });
  it.each([
    [["nothing"], "{}"],
    [[], "{}"],
    [["mounting"], "[1,"],
    [["mounting"], ""],
    [["mounting"], "{'a':1}"],
    [["mounting", "/no/such/file"], ""],
  ])("ends %j with 2 and a sentence", async (args, input) => {
    const result = await calc(args as string[], input);
    expect(result.status).toBe(2);
    expect(result.stderr.trim().length).toBeGreaterThan(15);
  });
  it("ends the process with its status, and prints the reason without a stack", () => {
    const ended = (input: string) =>
      spawnSync(process.execPath, [...command, "mounting"], { cwd: root, input, encoding: "utf8" });
    expect(ended("[1,")).toMatchObject({ status: 2, stderr: expect.not.stringContaining("    at ") });
    expect(ended('{"requiredTorqueNm":-1}').status).toBe(1);
  });
  it("proves a duty and names the place of a fault", async () => {
    const { status, json } = await calc(["prove"], '{"duty":{"dn":50},"limit":1}');
    expect(status).toBe(0);
    expect(json()).toMatchObject({
      dutyVerdict: "cannot tell",
      candidates: [{ verdict: expect.any(String) }],
    });
    expect(await calc(["prove"], '{"duty":{"dn":51}}')).toMatchObject({
      status: 1,
      stdout: expect.stringContaining('"field": "duty.dn"'),
    });
    expect(await calc(["reprove"], "{}")).toMatchObject({
      status: 1,
      stdout: expect.stringContaining("not-a-sheet"),
    });
  });
  it("streams forty thousand items, more than its memory holds", async () => {
    const child = spawn(process.execPath, ["--max-old-space-size=80", ...command, "rating"], {
      cwd: root,
      stdio: ["pipe", "pipe", "inherit"],
    });
    let bytes = 0;
    let tail = "";
    child.stdout.on("data", (chunk: Buffer) => {
      bytes += chunk.length;
      tail = (tail + chunk.toString()).slice(-40);
    });
    const item = JSON.stringify({ designation: "class 300", materialGroup: "1.1", temperatureC: 120 }).padEnd(
      2_500,
    );
    child.stdin.write("[");
    for (let i = 0; i < 40_000; i++) {
      if (!child.stdin.write(i === 0 ? item : `,${item}`))
        await new Promise((done) => child.stdin.once("drain", done));
    }
    child.stdin.end("]");
    const status = await new Promise((done) => child.once("close", done));
    expect(status).toBe(0);
    expect(bytes).toBeGreaterThan(800_000);
    expect(tail.endsWith("}\n]\n")).toBe(true);
  });
});
