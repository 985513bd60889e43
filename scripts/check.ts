/**
 * `./check`: every check and test; the last line is "N passed, N failed". `./check --changed` runs what the changes since
 * the last commit, or those of the last commit where nothing is changed, can touch.
 */
import { mkdirSync, rmSync } from "node:fs";
import { availableParallelism } from "node:os";
import { changedFiles, stepsForChange } from "./check/changed.ts";
import { type Outcome, slowest } from "./check/outcome.ts";
import {
  browserStep,
  lane,
  mutationStep,
  pureProjects,
  reports,
  type Step,
  slowerStaticSteps,
  staticSteps,
  unitStep,
} from "./check/steps.ts";

rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });
const begun = Date.now();
const cores = availableParallelism();

/** The phases run one after the other, since each uses both cores. The lanes of a phase run side by side. */
const phases: Step[][][] = process.argv.includes("--changed")
  ? [stepsForChange(changedFiles())]
  : [
      [[...staticSteps, ...slowerStaticSteps, mutationStep], [unitStep("pure tests", pureProjects)]],
      // These tests wait a fifth of their time, so one more worker than cores is used.
      [[unitStep("server tests", ["server"], { TEST_WORKERS: `${cores + 1}` })]],
      [[browserStep()]],
    ];
const outcomes: Outcome[] = [];
for (const lanes of phases) outcomes.push(...(await Promise.all(lanes.map(lane))).flat());

console.log("\nThe ten slowest files:");
for (const { name, seconds } of slowest(outcomes))
  console.log(`${seconds.toFixed(1).padStart(7)} s  ${name}`);
console.log(`The check took ${Math.round((Date.now() - begun) / 1000)} s.`);
// Printed once more at the end, because thousands of lines precede it.
for (const trouble of outcomes.flatMap(({ troubles }) => troubles)) console.log(`\n${trouble}`);
const sum = (count: (outcome: Outcome) => number) =>
  outcomes.reduce((total, outcome) => total + count(outcome), 0);
const failed = sum((outcome) => outcome.failed);
console.log(`\n${sum((outcome) => outcome.passed)} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
