import { dirname, relative } from "node:path";
import type { Judged } from "./judged.ts";

/** Share of the mutants that some test saw; what acts only at load is left out. */
export function shareSeen(list: readonly Judged[]): number {
  const killed = list.filter(({ status }) => status === "killed" || status === "in circles").length;
  const judged = list.filter(({ status }) => status !== "at load").length;
  return judged === 0 ? 1 : killed / judged;
}

const share = (list: readonly Judged[]) => `${(100 * shareSeen(list)).toFixed(1)} %`;
const count = (list: readonly Judged[], status: Judged["status"]) =>
  String(list.filter((j) => j.status === status).length);

/** The round as a page: how many mutants each folder's tests saw. */
export function reportOf(judged: readonly Judged[], root: string): string {
  const folders = grouped(judged, root);
  const line = (name: string, list: readonly Judged[]) =>
    `| ${name} | ${list.length} | ${count(list, "killed")} | ${count(list, "in circles")} | ${count(list, "survived")} | ${count(list, "not reached")} | ${count(list, "at load")} | ${share(list)} |`;
  return `# A round of mutation

\`npm run mutate\` changes calculations and rules in one place after another and runs the quick tests that reach the
place. Sentences people read are left alone; verdicts, senses, units and keys are not. Tests that walk the whole demo
are left out, so that what only they would see counts as survived. What goes in circles counts as seen; what acts only
while its file is loaded, such as a rule's name, is not judged. Schemas that are made once and kept count as survived.

Mutants are made by a kept instrumenter, each switched on in turn inside one loaded bundle of all tests; starting the
test runner anew for each took twenty times as long. \`npm run mutate rules/envelope\` takes a part and writes no page;
survivors stand in \`.local/mutate/survivors.txt\`, each with its place.

| folder | mutants | killed | in circles | survived | not reached | at load | seen |
| --- | --- | --- | --- | --- | --- | --- | --- |
${[...folders].map(([name, list]) => line(`\`${name}\``, list)).join("\n")}
${line("all", judged)}
`;
}

function grouped(judged: readonly Judged[], root: string): Map<string, Judged[]> {
  const folders = new Map<string, Judged[]>();
  for (const one of judged) {
    const name = relative(root, dirname(one.mutant.fileName));
    folders.set(name, [...(folders.get(name) ?? []), one]);
  }
  return folders;
}
