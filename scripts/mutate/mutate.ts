/**
 * A round of mutation: `npm run mutate [part of a path] [--sample=N] [--seed=N] [--least=PER CENT] [--near] [--page]`.
 * With `--near` only tests beside the changed files are run. With `--page` the report becomes docs/mutation.md. It ends
 * with 1 where fewer than `--least` of the mutants were seen.
 */
import { writeFileSync } from "node:fs";
import { join, relative } from "node:path";
import { reportOf, shareSeen } from "./report.ts";
import { folder, round } from "./round.ts";

const root = join(import.meta.dirname, "../..");
const words = process.argv.slice(2);
const number = (flag: string) => {
  const found = words.find((word) => word.startsWith(`--${flag}=`));
  return found === undefined ? null : Number(found.split("=")[1]);
};
const asked = {
  wanted: words.find((word) => !word.startsWith("--")) ?? "",
  sample: number("sample"),
  seed: number("seed") ?? 1,
  near: words.includes("--near"),
};
const judged = await round(asked);

writeFileSync(
  join(folder, "survivors.txt"),
  judged
    .filter(({ status }) => status === "survived" || status === "not reached")
    .map(
      ({ mutant: { fileName, location, mutatorName, replacement }, status }) =>
        `${relative(root, fileName)}:${location.start.line + 1}:${location.start.column + 1} ${status} ${mutatorName} → ${replacement.replace(/\s+/g, " ").slice(0, 120)}`,
    )
    .sort()
    .join("\n"),
);
const report = reportOf(judged, asked);
if (words.includes("--page")) writeFileSync(join(root, "docs/mutation.md"), report);
process.stdout.write(report);
if (shareSeen(judged) < (number("least") ?? 0) / 100) process.exitCode = 1;
