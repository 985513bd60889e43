import { spawn } from "node:child_process";
import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { type Outcome, outcomeInBrowser, outcomeOfUnits } from "./outcome.ts";

const root = fileURLToPath(new URL("../..", import.meta.url));
export const reports = join(root, ".local/reports");

/** One program of the check. */
export interface Step {
  readonly title: string;
  /** From node_modules/.bin. */
  readonly tool: string;
  readonly args: readonly string[];
  readonly env?: Readonly<Record<string, string>>;
  /** Report that it writes; a step without one counts as one test. */
  readonly report?: { readonly file: string; readonly suite: "units" | "browser" };
}

const laneOutcome = (good: boolean): Outcome => ({
  passed: good ? 1 : 0,
  failed: good ? 0 : 1,
  troubles: [],
  files: [],
});

/** Result of a step, from its report. A run may fail without a failed test: a broken set-up, an error outside. */
function outcomeOf({ report }: Step, good: boolean): Outcome {
  if (report === undefined) return laneOutcome(good);
  if (!existsSync(report.file)) return laneOutcome(false);
  const written = JSON.parse(readFileSync(report.file, "utf8")) as never;
  const outcome = report.suite === "units" ? outcomeOfUnits(written) : outcomeInBrowser(written);
  return { ...outcome, failed: Math.max(outcome.failed, good ? 0 : 1) };
}

/** Runs a step; its output is printed when it ends, so that parallel steps do not mix. */
async function run(step: Step): Promise<Outcome> {
  const started = Date.now();
  const printed: Buffer[] = [];
  const child = spawn(join(root, "node_modules/.bin", step.tool), step.args, {
    cwd: root,
    stdio: ["ignore", "pipe", "pipe"],
    env: { ...process.env, ...step.env },
  });
  for (const stream of [child.stdout, child.stderr])
    stream.on("data", (chunk: Buffer) => void printed.push(chunk));
  const good = await new Promise<boolean>((done) => {
    child.once("error", () => done(false));
    child.once("close", (code) => done(code === 0));
  });
  const seconds = Math.round((Date.now() - started) / 1000);
  process.stdout.write(
    `\n=== ${step.title}\n${Buffer.concat(printed)}=== ${step.title}: ${good ? "good" : "FAILED"}, ${seconds} s\n`,
  );
  return outcomeOf(step, good);
}

/** Runs steps one after the other. */
export async function lane(steps: readonly Step[]): Promise<Outcome[]> {
  const outcomes: Outcome[] = [];
  for (const step of steps) outcomes.push(await run(step));
  return outcomes;
}

export const staticSteps: readonly Step[] = [
  { title: "format and lint", tool: "biome", args: ["ci", "--error-on-warnings", "."] },
  { title: "types", tool: "tsc", args: ["-b"] },
  { title: "build", tool: "tsx", args: ["scripts/build.ts"] },
];

export const slowerStaticSteps: readonly Step[] = [
  { title: "types of tests and scripts", tool: "tsc", args: ["-p", "tsconfig.checks.json"] },
  { title: "unused code", tool: "knip", args: [] },
];

/** A dozen mutants, to show that the mutation runner works. The nightly run tries a thousand. */
export const mutationStep: Step = {
  title: "a few mutants",
  tool: "tsx",
  args: [
    "--conditions=source",
    "scripts/mutate/mutate.ts",
    "judgement/rules/body",
    "--near",
    "--sample=12",
    "--least=40",
  ],
};

/** Tests of some projects of vitest.config.ts. */
export function unitStep(title: string, projects: readonly string[], env: Step["env"] = {}): Step {
  const file = join(reports, `${title.replaceAll(" ", "-")}.json`);
  return {
    title,
    tool: "vitest",
    args: ["run", ...projects.flatMap((name) => ["--project", name])],
    env: { ...env, CHECK_REPORT: file },
    report: { file, suite: "units" },
  };
}

export function browserStep(specs: readonly string[] = []): Step {
  const file = join(reports, "browser.json");
  return {
    title: "browser tests",
    tool: "playwright",
    args: ["test", "--config", "e2e/playwright.config.ts", ...specs],
    env: { E2E_REPORT: file, NODE_OPTIONS: "--conditions=source --import=tsx" },
    report: { file, suite: "browser" },
  };
}

export const pureProjects = ["pure", "web"] as const;
