/** `./check`: every check and test; the last line is "N passed, N failed". */
import { spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";

const root = fileURLToPath(new URL("..", import.meta.url));
const reports = join(root, ".local/reports");
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

let passed = 0;
let failed = 0;

/** Runs a tool from node_modules with its output shown; says whether it succeeded. */
function run(title: string, tool: string, args: string[], env: Record<string, string> = {}): boolean {
  console.log(`\n=== ${title}`);
  const started = Date.now();
  const { status } = spawnSync(join(root, "node_modules/.bin", tool), args, {
    cwd: root,
    stdio: ["ignore", "inherit", "inherit"],
    env: { ...process.env, ...env },
  });
  console.log(
    `=== ${title}: ${status === 0 ? "good" : "FAILED"}, ${Math.round((Date.now() - started) / 1000)} s`,
  );
  return status === 0;
}

function count(good: boolean): void {
  if (good) passed++;
  else failed++;
}

/** Counts a test run by its report; a run without a report counts as one failure. */
function countReport(
  file: string,
  read: (report: never) => { passed: number; failed: number },
  good: boolean,
): void {
  if (!existsSync(file)) {
    failed++;
    return;
  }
  const counts = read(JSON.parse(readFileSync(file, "utf8")) as never);
  passed += counts.passed;
  // A run may fail without a failed test: a set-up that broke, an error outside any test.
  failed += Math.max(counts.failed, good ? 0 : 1);
}

count(run("format and lint", "biome", ["ci", "."]));
count(run("types", "tsc", ["-b"]));
count(run("types of tests and scripts", "tsc", ["-p", "tsconfig.checks.json"]));
count(run("unused code", "knip", []));
// Before the tests: several of them start what is built, and none may build while another runs it.
count(run("build", "tsx", ["scripts/build.ts"]));

const unit = join(reports, "unit.json");
countReport(
  unit,
  (report: { numPassedTests: number; numFailedTests: number }) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests,
  }),
  run("unit and server tests", "vitest", ["run"], { CHECK_REPORT: unit }),
);

const browser = join(reports, "browser.json");
countReport(
  browser,
  ({ stats }: { stats: { expected: number; unexpected: number; flaky: number } }) => {
    // Failed once and passed once is a race of the program until shown otherwise: it counts for neither.
    if (stats.flaky > 0)
      console.log(`${stats.flaky} flaky: passed only the second time, not counted as passed`);
    return { passed: stats.expected, failed: stats.unexpected };
  },
  run("browser tests", "playwright", ["test", "--config", "e2e/playwright.config.ts"], {
    E2E_REPORT: browser,
    NODE_OPTIONS: "--conditions=source --import=tsx",
  }),
);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
