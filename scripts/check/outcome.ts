/** Result of a test run. */
export interface Outcome {
  readonly passed: number;
  readonly failed: number;
  /** Failed tests, with the beginning of each message. */
  readonly troubles: readonly string[];
  /** How long each file of tests took. */
  readonly files: readonly { readonly name: string; readonly seconds: number }[];
}

interface UnitReport {
  readonly numPassedTests: number;
  readonly numFailedTests: number;
  readonly testResults: readonly {
    readonly name: string;
    readonly startTime: number;
    readonly endTime: number;
    readonly message: string;
    readonly assertionResults: readonly {
      readonly status: string;
      readonly fullName: string;
      readonly failureMessages: readonly string[];
    }[];
  }[];
}

interface Suite {
  readonly suites?: readonly Suite[];
  readonly specs?: readonly {
    readonly file: string;
    readonly title: string;
    readonly tests: readonly {
      readonly status: string;
      readonly results: readonly {
        readonly duration?: number;
        readonly error?: { readonly message?: string };
      }[];
    }[];
  }[];
}

interface BrowserReport extends Suite {
  readonly stats: { readonly expected: number; readonly unexpected: number; readonly flaky: number };
}

/** Lines of a message that are printed: enough for a counterexample or a difference. */
const linesTold = 30;
const beginning = (message: string) => message.split("\n").slice(0, linesTold).join("\n");

/** Counts and names the failed tests in a report; a file that could not be loaded counts as one failure. */
export function outcomeOfUnits(report: UnitReport): Outcome {
  const troubles = report.testResults.flatMap(({ name, message, assertionResults }) => [
    ...assertionResults
      .filter(({ status }) => status === "failed")
      .map(
        ({ fullName, failureMessages }) =>
          `FAILED ${name}: ${fullName}\n${beginning(failureMessages.join("\n"))}`,
      ),
    ...(assertionResults.length === 0 && message !== "" ? [`FAILED ${name}\n${beginning(message)}`] : []),
  ]);
  const files = report.testResults.map(({ name, startTime, endTime }) => ({
    name: name.replace(/^.*\/(?=(core|contract|server|web|scripts)\/)/, ""),
    seconds: (endTime - startTime) / 1000,
  }));
  return { passed: report.numPassedTests, failed: report.numFailedTests, troubles, files };
}

const specsOf = (suite: Suite): NonNullable<Suite["specs"]> => [
  ...(suite.specs ?? []),
  ...(suite.suites ?? []).flatMap(specsOf),
];

/** Failed once and passed once is a race of the program until shown otherwise: it counts for neither, and is named. */
export function outcomeInBrowser(report: BrowserReport): Outcome {
  const troubles = specsOf(report).flatMap(({ file, title, tests }) =>
    tests
      .filter(({ status }) => status === "unexpected" || status === "flaky")
      .map(({ status, results }) => {
        const message = results.find(({ error }) => error)?.error?.message ?? "";
        const word =
          status === "flaky" ? "FLAKY, passed only the second time, counted as neither:" : "FAILED";
        return `${word} ${file}: ${title}\n${beginning(message)}`;
      }),
  );
  const seconds = new Map<string, number>();
  for (const { file, tests } of specsOf(report))
    for (const { results } of tests)
      for (const { duration = 0 } of results) seconds.set(file, (seconds.get(file) ?? 0) + duration / 1000);
  const files = [...seconds].map(([name, total]) => ({ name, seconds: total }));
  return { passed: report.stats.expected, failed: report.stats.unexpected, troubles, files };
}

/** The files that took longest, the longest first. */
export const slowest = (outcomes: readonly Outcome[], maximum = 10): Outcome["files"] =>
  outcomes
    .flatMap(({ files }) => files)
    .sort((a, b) => b.seconds - a.seconds)
    .slice(0, maximum);
