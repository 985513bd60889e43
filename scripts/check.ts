/** `./check`: every check and test; the last line is "N passed, N failed". */
import { spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { type Outcome, outcomeInBrowser, outcomeOfUnits } from "./check/outcome.ts";

const root = fileURLToPath(new URL("..", import.meta.url));
const reports = join(root, ".local/reports");
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

let passed = 0;
let failed = 0;
const troubles: string[] = [];

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
function countReport(file: string, read: (report: never) => Outcome, good: boolean): void {
  if (!existsSync(file)) {
    failed++;
    return;
  }
  const outcome = read(JSON.parse(readFileSync(file, "utf8")) as never);
  passed += outcome.passed;
  // A run may fail without a failed test: a set-up that broke, an error outside any test.
  failed += Math.max(outcome.failed, good ? 0 : 1);
  troubles.push(...outcome.troubles);
}

count(run("format and lint", "biome", ["ci", "--error-on-warnings", "."]));
count(run("types", "tsc", ["-b"]));
count(run("types of tests and scripts", "tsc", ["-p", "tsconfig.checks.json"]));
count(run("unused code", "knip", []));
// Before the tests: several of them start what is built, and none may build while another runs it.
count(run("build", "tsx", ["scripts/build.ts"]));

const unit = join(reports, "unit.json");
countReport(unit, outcomeOfUnits, run("unit and server tests", "vitest", ["run"], { CHECK_REPORT: unit }));

const browser = join(reports, "browser.json");
countReport(
  browser,
  outcomeInBrowser,
  run("browser tests", "playwright", ["test", "--config", "e2e/playwright.config.ts"], {
    E2E_REPORT: browser,
    NODE_OPTIONS: "--conditions=source --import=tsx",
  }),
);

// Said once more where the eye ends: thousands of lines stand above.
for (const trouble of troubles) console.log(`\n${trouble}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
