import { gathered } from "./tests.ts";

interface Switches {
  activeMutant?: string | undefined;
  currentTestId?: string | undefined;
  mutantCoverage?: { static: Record<string, number>; perTest: Record<string, Record<string, number>> };
}

/** The switches that the instrumented code reads. */
const namespace = () => {
  const global = globalThis as Record<string, unknown>;
  global.__stryker__ ??= {};
  return global.__stryker__ as Switches;
};

const tests = gathered();
/** Slower tests are left out, because they would run thousands of times. */
const quickMs = Number(process.env.QUICK_MS ?? 1500);
/** Time for the tests of one mutant. After it, the mutant counts as survived. */
const longestMs = 12_000;

/** For each mutant the tests that reach it, quickest first. */
export interface Reached {
  readonly by: Readonly<Record<string, readonly number[]>>;
  readonly tests: number;
  readonly leftOut: readonly string[];
}

/** Runs all tests once and records which mutants they reach. A mutant reached only while loading gets an empty list. */
async function covered(): Promise<Reached> {
  const took = new Map<number, number>();
  const leftOut: string[] = [];
  for (const [index, test] of tests.entries()) {
    namespace().currentTestId = String(index);
    const begun = performance.now();
    try {
      await test.run();
      const ms = performance.now() - begun;
      if (ms > quickMs) leftOut.push(`${test.name}: ${Math.round(ms)} ms`);
      else took.set(index, ms);
    } catch (error) {
      // The test uses a feature of the runner that is missing here.
      leftOut.push(`${test.name}: ${String((error as Error).message).split("\n")[0]}`);
    }
  }
  namespace().currentTestId = undefined;
  const { perTest = {}, static: atLoad = {} } = namespace().mutantCoverage ?? {};
  const by: Record<string, number[]> = {};
  for (const index of [...took.keys()].sort((a, b) => took.get(a)! - took.get(b)!))
    for (const id of Object.keys(perTest[index] ?? {})) {
      by[id] ??= [];
      by[id].push(index);
    }
  for (const id of Object.keys(atLoad)) by[id] ??= [];
  return { by, tests: took.size, leftOut };
}

/** Name of the first test that fails with the mutant; null if none does in time. */
async function killer(id: string, by: readonly number[]): Promise<string | null> {
  namespace().activeMutant = id;
  const until = performance.now() + longestMs;
  try {
    for (const index of by) {
      if (performance.now() > until) return null;
      try {
        await tests[index]!.run();
      } catch {
        return tests[index]!.name;
      }
    }
    return null;
  } finally {
    namespace().activeMutant = undefined;
  }
}

process.on("message", (asked: { cover: true } | { id: string; by: number[] }) => {
  const answer = "cover" in asked ? covered() : killer(asked.id, asked.by);
  answer.then(
    (result) => process.send!({ result }),
    (error: Error) => process.send!({ error: error.stack }),
  );
});
