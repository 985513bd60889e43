import { describe, expect, it } from "vitest";
import { outcomeInBrowser, outcomeOfUnits } from "./outcome.ts";

describe("what a run of tests came to", () => {
  it("names what failed, and a file that could not be read", () => {
    const { troubles, ...counts } = outcomeOfUnits({
      numPassedTests: 2,
      numFailedTests: 1,
      testResults: [
        {
          name: "core/a.test.ts",
          message: "",
          assertionResults: [
            { status: "passed", fullName: "a holds", failureMessages: [] },
            { status: "failed", fullName: "a turns", failureMessages: ["expected 1\nto be 2"] },
          ],
        },
        { name: "core/b.test.ts", message: "no such module", assertionResults: [] },
        { name: "core/c.test.ts", message: "", assertionResults: [] },
      ],
    });
    expect(counts).toEqual({ passed: 2, failed: 1 });
    expect(troubles).toEqual([
      "FAILED core/a.test.ts: a turns\nexpected 1\nto be 2",
      "FAILED core/b.test.ts\nno such module",
    ]);
  });
  it("names what passed only the second time without counting it", () => {
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
