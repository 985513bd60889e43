/** What a run of tests came to. */
export interface Outcome {
  readonly passed: number;
  readonly failed: number;
  /** What failed, by name, with how it began to. */
  readonly troubles: readonly string[];
}

interface UnitReport {
  readonly numPassedTests: number;
  readonly numFailedTests: number;
  readonly testResults: readonly {
    readonly name: string;
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
      readonly results: readonly { readonly error?: { readonly message?: string } }[];
    }[];
  }[];
}

interface BrowserReport extends Suite {
  readonly stats: { readonly expected: number; readonly unexpected: number; readonly flaky: number };
}

/** Lines of a message that are told: where a counterexample or a difference stands. */
const linesTold = 30;
const beginning = (message: string) => message.split("\n").slice(0, linesTold).join("\n");

/** Counts and names what failed in a report of unit tests; a file that could not be read counts as it says. */
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
  return { passed: report.numPassedTests, failed: report.numFailedTests, troubles };
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
  return { passed: report.stats.expected, failed: report.stats.unexpected, troubles };
}
