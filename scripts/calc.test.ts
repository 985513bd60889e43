import { spawn, spawnSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";

const root = fileURLToPath(new URL("..", import.meta.url));
const command = ["--conditions=source", "--import", "tsx", "scripts/calc.ts"];

function calc(args: string[], input = "") {
  const { status, stdout, stderr } = spawnSync(process.execPath, [...command, ...args], {
    cwd: root,
    input,
    encoding: "utf8",
    maxBuffer: 1e8,
  });
  return { status, stdout, stderr, json: () => JSON.parse(stdout) };
}
const asFile = (text: string) => {
  const file = join(mkdtempSync(join(tmpdir(), "calc-")), "input.json");
  writeFileSync(file, text);
  return file;
};

describe("calc", () => {
  it("lists names and prints schemas", () => {
    expect(calc(["list"]).stdout.trim().split("\n")).toEqual([
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
    expect(calc(["schema", "rating"]).json()).toMatchObject({
      required: ["designation", "materialGroup", "temperatureC"],
    });
    expect(calc(["schema", "prove"]).json()).toMatchObject({ properties: { duty: { type: "object" } } });
    expect(calc(["schema", "nothing"])).toMatchObject({ status: 2, stdout: "" });
  });
  it("reads an object from a file, a dash or nothing, with a byte order mark too", () => {
    const expected = { flange: "F05", maximumTorqueNm: 125 };
    expect(calc(["mounting", asFile('{"requiredTorqueNm":125}')]).json()).toEqual(expected);
    expect(calc(["mounting", "-"], '{"requiredTorqueNm":125}').json()).toEqual(expected);
    expect(calc(["mounting"], '\uFEFF {"requiredTorqueNm":125}').json()).toEqual(expected);
  });
  it("puts a failed item in its place, runs the others, and ends with 1", () => {
    const result = calc(["mounting"], '[{"requiredTorqueNm":1},{"requiredTorqueNm":300000},{}]');
    expect(result.status).toBe(1);
    expect(result.json()).toMatchObject([
      { flange: "F03" },
      { error: { code: "torque-above-largest-flange" } },
      { error: { code: "invalid-input", field: "requiredTorqueNm" } },
    ]);
    expect(calc(["mounting"], '{"requiredTorqueNm":-1}').status).toBe(1);
    expect(calc(["mounting"], "[]")).toMatchObject({ status: 0, stdout: "[]\n" });
  });
  it.each([
    [["nothing"], "{}"],
    [[], "{}"],
    [["mounting"], "[1,"],
    [["mounting"], ""],
    [["mounting"], "{'a':1}"],
    [["mounting", "/no/such/file"], ""],
  ])("ends %j with 2 and a sentence", (args, input) => {
    const result = calc(args as string[], input);
    expect(result.status).toBe(2);
    expect(result.stderr.trim().length).toBeGreaterThan(15);
    expect(result.stderr).not.toContain("    at ");
  });
  it("proves a duty and says where a bad one is wrong", () => {
    const { status, json } = calc(["prove"], '{"duty":{"dn":50},"limit":1}');
    expect(status).toBe(0);
    expect(json()).toMatchObject({
      dutyVerdict: "cannot tell",
      candidates: [{ verdict: expect.any(String) }],
    });
    expect(calc(["prove"], '{"duty":{"dn":51}}')).toMatchObject({
      status: 1,
      stdout: expect.stringContaining('"field": "duty.dn"'),
    });
    expect(calc(["reprove"], "{}")).toMatchObject({
      status: 1,
      stdout: expect.stringContaining("not-a-sheet"),
    });
  });
  it("streams a hundred thousand items without growing", async () => {
    const child = spawn(process.execPath, ["--max-old-space-size=96", ...command, "rating"], {
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
      400,
    );
    child.stdin.write("[");
    for (let i = 0; i < 100_000; i++) {
      if (!child.stdin.write(i === 0 ? item : `,${item}`))
        await new Promise((done) => child.stdin.once("drain", done));
    }
    child.stdin.end("]");
    const status = await new Promise((done) => child.once("close", done));
    expect(status).toBe(0);
    expect(bytes).toBeGreaterThan(2_000_000);
    expect(tail.endsWith("}\n]\n")).toBe(true);
  });
});
