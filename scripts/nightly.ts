/**
 * `npm run nightly`: the long tests. Properties and fuzz try far more, with new seeds; servers and databases are killed
 * for half an hour; a thousand random mutants are tried. The last line is "N passed, N failed".
 */
import { mkdirSync, rmSync } from "node:fs";
import { lane, pureProjects, reports, type Step, staticSteps, unitStep } from "./check/steps.ts";

rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

const long = (step: Step): Step => ({
  ...step,
  env: { ...step.env, EFFORT: "nightly", PROPERTY_SEED: process.env.PROPERTY_SEED ?? "random" },
});
const seed = Math.floor(Date.now() / 86_400_000);

const outcomes = await lane([
  ...staticSteps,
  long(unitStep("pure tests", pureProjects)),
  long(unitStep("server tests", ["server"])),
  {
    title: "what adding one thing touches",
    tool: "tsx",
    args: ["--conditions=source", "scripts/adding/try.ts"],
  },
  {
    title: "a thousand mutants",
    tool: "tsx",
    args: [
      "--conditions=source",
      "scripts/mutate/mutate.ts",
      "--sample=1000",
      `--seed=${seed}`,
      "--least=80",
    ],
  },
]);
for (const trouble of outcomes.flatMap(({ troubles }) => troubles)) console.log(`\n${trouble}`);
const sum = (count: "passed" | "failed") => outcomes.reduce((total, outcome) => total + outcome[count], 0);
console.log(`\n${sum("passed")} passed, ${sum("failed")} failed`);
process.exit(sum("failed") === 0 ? 0 : 1);
