import { tests } from "./tests.ts";

interface Switches {
  activeMutant?: string | undefined;
  currentTestId?: string | undefined;
  mutantCoverage?: { static: Record<string, number>; perTest: Record<string, Record<string, number>> };
}

/** The switches the instrumented code looks at. */
const namespace = () => {
  const global = globalThis as Record<string, unknown>;
  global.__stryker__ ??= {};
  return global.__stryker__ as Switches;
};

/** Slower tests are left out, since every test runs thousands of times. */
const quickMs = 1500;

/** Which quick tests reach which mutants; those reached while loading alone are reached by none. */
async function covered(): Promise<Record<string, number[]>> {
  const by: Record<string, number[]> = {};
  const slow = new Set<string>();
  for (const [at, test] of tests.entries()) {
    namespace().currentTestId = String(at);
    const begun = performance.now();
    try {
      await test.run();
    } catch (error) {
      // A test that needs more of its runner than there is here is left out.
      slow.add(String(at));
      process.stderr.write(`left out: ${test.name}: ${(error as Error).message.split("\n")[0]}\n`);
    }
    if (performance.now() - begun > quickMs) slow.add(String(at));
  }
  namespace().currentTestId = undefined;
  const { perTest = {}, static: atLoad = {} } = namespace().mutantCoverage ?? {};
  for (const [test, mutants] of Object.entries(perTest))
    if (!slow.has(test)) for (const id of Object.keys(mutants)) by[id] = [...(by[id] ?? []), Number(test)];
  for (const id of Object.keys(atLoad)) by[id] ??= [];
  return by;
}

/** The first test that sees a mutant; null where all pass. */
async function killer(id: string, by: readonly number[]): Promise<string | null> {
  namespace().activeMutant = id;
  try {
    for (const at of by) {
      try {
        await tests[at]!.run();
      } catch {
        return tests[at]!.name;
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
process.send!({ ready: tests.length });
