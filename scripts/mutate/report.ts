import { dirname, join, relative } from "node:path";
import type { Judged } from "./judged.ts";
import type { Asked } from "./round.ts";

const root = join(import.meta.dirname, "../..");

/** Share of the mutants that a test detected; those that act only at load are left out. */
export function shareSeen(list: readonly Judged[]): number {
  const killed = list.filter(({ status }) => status === "killed" || status === "in circles").length;
  const judged = list.filter(({ status }) => status !== "at load").length;
  return judged === 0 ? 1 : killed / judged;
}

const share = (list: readonly Judged[]) => `${(100 * shareSeen(list)).toFixed(1)} %`;
const count = (list: readonly Judged[], status: Judged["status"]) =>
  String(list.filter((j) => j.status === status).length);

/** The round as a page: how many mutants each folder's tests saw. */
export function reportOf(
  judged: readonly Judged[],
  { sample, seed }: Pick<Asked, "sample" | "seed">,
): string {
  const folders = [...grouped(judged)].sort(([a], [b]) => (a < b ? -1 : 1));
  const line = (name: string, list: readonly Judged[]) =>
    `| ${name} | ${list.length} | ${count(list, "killed")} | ${count(list, "in circles")} | ${count(list, "survived")} | ${count(list, "not reached")} | ${count(list, "at load")} | ${share(list)} |`;
  const drawn = sample === null ? "every mutant" : `${judged.length} mutants drawn at random (seed ${seed})`;
  return `# A round of mutation

\`npm run mutate\` changes the code in one place at a time and runs the tests that reach that place. This round:
${drawn}.

- Texts for people are not mutated. Verdicts, units and keys are.
- Tests over 1.5 s are left out (45 s for a file of server tests), and so are random tests and tests that kill processes. A
  mutant that only such a test would see counts as survived.
- The tests of a mutant get 12 s, quickest test first. A mutant that takes over two minutes or ends the process counts as
  seen.
- A mutant that acts only while its file is loaded, such as the name of a rule, is not judged.

The mutants come from Stryker's instrumenter. All tests of a suite (core, server, interface) and its mutated code are one
bundle. For each mutant a new process loads the bundle, switches the mutant on and runs the tests that reach it. A mutant
that only tests of another suite would see counts as survived. Survivors are listed in \`.local/mutate/survivors.txt\`.

| folder | mutants | killed | in circles | survived | not reached | at load | seen |
| --- | --- | --- | --- | --- | --- | --- | --- |
${folders.map(([name, list]) => line(`\`${name}\``, list)).join("\n")}
${line("all", judged)}
`;
}

/** By room of core, by folder elsewhere. */
function grouped(judged: readonly Judged[]): Map<string, Judged[]> {
  const folders = new Map<string, Judged[]>();
  for (const judgement of judged) {
    const name = relative(root, dirname(judgement.mutant.fileName)).split("/").slice(0, 4).join("/");
    folders.set(name, [...(folders.get(name) ?? []), judgement]);
  }
  return folders;
}
