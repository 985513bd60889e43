import { mkdirSync } from "node:fs";
import { availableParallelism } from "node:os";
import { join } from "node:path";
import { seeded } from "@proven-seat/core/basis/calc";
import { bundle } from "./bundle.ts";
import { instrument, type Mutant } from "./instrument.ts";
import type { Judged } from "./judged.ts";
import { Judge } from "./judges.ts";
import { provided } from "./provided.ts";
import { type Suite, suites } from "./suites.ts";
import type { Reached } from "./worker.ts";

const root = join(import.meta.dirname, "../..");
export const folder = join(root, ".local/mutate");
/** A mutant whose tests take longer than this is counted as endless. */
const patienceMs = 120_000;

export interface Asked {
  /** Part of the paths of the files to mutate; all files if empty. */
  readonly wanted: string;
  /** Whether only tests beside these files run. */
  readonly near: boolean;
  /** Number of mutants drawn at random; all if null. */
  readonly sample: number | null;
  readonly seed: number;
}

interface Prepared {
  readonly suite: Suite;
  readonly program: string;
  readonly mutants: readonly Mutant[];
}

async function prepare(whole: Suite, { wanted, near }: Asked): Promise<Prepared> {
  const suite = near ? { ...whole, tests: whole.tests.filter((file) => file.includes(wanted)) } : whole;
  const files = suite.mutated.filter((file) => file.includes(wanted));
  const program = join(folder, `${suite.name}.mjs`);
  if (files.length === 0) return { suite, program, mutants: [] };
  const { contents, mutants } = await instrument(files);
  await bundle(suite, contents, program);
  return { suite, program, mutants: mutants.filter((mutant) => !mutant.ignored) };
}

/** A random sample of a list without repetition. */
function drawn<T>(list: readonly T[], count: number, seed: number): T[] {
  const random = seeded(seed);
  const left = [...list];
  return Array.from({ length: Math.min(count, left.length) }, () =>
    left.splice(Math.floor(random() * left.length), 1),
  ).flat();
}

async function judgeSuite({ suite, program }: Prepared, open: readonly Mutant[]): Promise<Judged[]> {
  const { env, end } = await provided(suite);
  const judge = () => new Judge(program, { ...process.env, ...env });
  const judged: Judged[] = [];
  try {
    const first = judge();
    const reached = await first.ask<Reached>({ cover: true }, 1_800_000);
    if (typeof reached === "string") throw new Error(`tests of ${suite.name} ${reached}`);
    const { by, tests, leftOut } = reached.result;
    process.stderr.write(
      `${suite.name}: ${tests} tests, ${leftOut.length} left out, ${open.length} mutants\n`,
    );
    for (const name of leftOut) process.stderr.write(`  left out: ${name.slice(0, 160)}\n`);
    const waiting = [...open];
    const work = async (judge: Judge) => {
      for (let mutant = waiting.shift(); mutant !== undefined; mutant = waiting.shift()) {
        const tries = by[mutant.id];
        if (tries === undefined || tries.length === 0) {
          judged.push({ mutant, status: tries === undefined ? "not reached" : "at load" });
          continue;
        }
        const answer = await judge.ask<string | null>({ id: mutant.id, by: tries }, patienceMs);
        const status =
          answer === "in circles"
            ? answer
            : answer === "ended" || answer.result !== null
              ? "killed"
              : "survived";
        judged.push({ mutant, status });
        if (judged.length % 50 === 0)
          process.stderr.write(`${suite.name}: ${judged.length} of ${open.length}\n`);
      }
      judge.end();
    };
    await Promise.all(
      [first, ...Array.from({ length: Math.max(1, availableParallelism()) - 1 }, judge)].map(work),
    );
  } finally {
    await end();
  }
  return judged;
}

/** Runs a round over core, server and interface, and returns the result for each mutant. */
export async function round(asked: Asked): Promise<Judged[]> {
  const { sample, seed } = asked;
  mkdirSync(folder, { recursive: true });
  const prepared: Prepared[] = [];
  for (const suite of suites) prepared.push(await prepare(suite, asked));
  const pairs = prepared.flatMap(({ suite, mutants }) => mutants.map((mutant) => ({ suite, mutant })));
  const open = sample === null ? pairs : drawn(pairs, sample, seed);
  const judged: Judged[] = [];
  for (const work of prepared) {
    const mine = open.filter(({ suite }) => suite === work.suite).map(({ mutant }) => mutant);
    if (mine.length > 0) judged.push(...(await judgeSuite(work, mine)));
  }
  return judged;
}
