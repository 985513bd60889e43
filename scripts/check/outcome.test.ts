import { describe, expect, it } from "vitest";
import { stepsForChange } from "./changed.ts";
import { outcomeInBrowser, outcomeOfUnits, slowest } from "./outcome.ts";

describe("the result of a test run", () => {
  it("names failed tests, and a file that could not be loaded", () => {
    const { troubles, files, ...counts } = outcomeOfUnits({
      numPassedTests: 2,
      numFailedTests: 1,
      testResults: [
        {
          name: "/home/me/seat/core/a.test.ts",
          startTime: 1000,
          endTime: 3500,
          message: "",
          assertionResults: [
            { status: "passed", fullName: "a holds", failureMessages: [] },
            { status: "failed", fullName: "a turns", failureMessages: ["expected 1\nto be 2"] },
          ],
        },
        {
          name: "core/b.test.ts",
          startTime: 0,
          endTime: 10,
          message: "no such module",
          assertionResults: [],
        },
        { name: "core/c.test.ts", startTime: 0, endTime: 0, message: "", assertionResults: [] },
      ],
    });
    expect(counts).toEqual({ passed: 2, failed: 1 });
    expect(files[0]).toEqual({ name: "core/a.test.ts", seconds: 2.5 });
    expect(troubles).toEqual([
      "FAILED /home/me/seat/core/a.test.ts: a turns\nexpected 1\nto be 2",
      "FAILED core/b.test.ts\nno such module",
    ]);
  });
  it("names tests that passed the second time without counting them", () => {
    const spec = (status: string, message?: string) => ({
      file: "jobs.spec.ts",
      title: status,
      tests: [{ status, results: [message === undefined ? {} : { error: { message } }, {}] }],
    });
    const outcome = outcomeInBrowser({
      stats: { expected: 1, unexpected: 1, flaky: 1 },
      suites: [
        {
          specs: [spec("expected")],
          suites: [{ specs: [spec("flaky", "was late"), spec("unexpected", "never came")] }],
        },
      ],
    });
    expect(outcome).toMatchObject({ passed: 1, failed: 1 });
    expect(outcome.troubles).toEqual([
      "FLAKY, passed only the second time, counted as neither: jobs.spec.ts: flaky\nwas late",
      "FAILED jobs.spec.ts: unexpected\nnever came",
    ]);
  });
});

describe("the slowest files", () => {
  it("are listed from all runs together, the longest first", () => {
    const run = (...seconds: number[]) => ({
      passed: 0,
      failed: 0,
      troubles: [],
      files: seconds.map((n) => ({ name: `${n}`, seconds: n })),
    });
    expect(slowest([run(1, 5), run(3)], 2).map(({ name }) => name)).toEqual(["5", "3"]);
  });
});

describe("the check of a change", () => {
  const said = (...changed: string[]) =>
    stepsForChange(changed)
      .flat()
      .map(({ tool, args }) => [tool, ...args].join(" "))
      .join("\n");
  it("runs the tests that load a changed file, and long walks only where they changed themselves", () => {
    const steps = said("core/src/basis/units/units.ts");
    expect(steps).toContain("vitest related --run core/src/basis/units/units.ts");
    expect(steps).toContain("--exclude **/metamorphic.test.ts");
    expect(steps).not.toContain("playwright");
    expect(said("core/src/judgement/rules/metamorphic.test.ts")).not.toContain("--exclude **/metamorphic");
  });
  it("runs the server's tests for the server and the contract, and changed browser tests", () => {
    expect(said("core/src/basis/units/units.ts")).not.toContain("--project server");
    expect(said("contract/src/records.ts")).toContain("--project server");
    expect(said("e2e/tests/axe.spec.ts")).toMatch(/playwright test .*e2e\/tests\/axe\.spec\.ts/);
  });
  it("compares generated pages with their source where only words changed", () => {
    expect(said("docs/house.md")).toContain("scripts/pages.test.ts");
  });
});
