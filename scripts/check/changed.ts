import { execFileSync } from "node:child_process";
import { fileURLToPath } from "node:url";
import { slowTests } from "./slow.ts";
import { browserStep, pureProjects, type Step, slowerStaticSteps, staticSteps, unitStep } from "./steps.ts";

const root = fileURLToPath(new URL("../..", import.meta.url));
const git = (...args: string[]) =>
  execFileSync("git", args, { cwd: root, encoding: "utf8" }).split("\n").filter(Boolean);

/** Files that differ from the last commit; the files of the last commit where none does. */
export function changedFiles(): string[] {
  const now = [...git("diff", "--name-only", "HEAD"), ...git("ls-files", "--others", "--exclude-standard")];
  return now.length > 0 ? now : git("diff", "--name-only", "HEAD~1", "HEAD");
}

/**
 * Steps for a change, in parallel lanes: checks of the whole source, and tests that load a changed file. Long walks and
 * browser tests run only if they are changed themselves; the whole check runs all of them.
 *
 * @param changed paths from the root
 * @returns lanes of steps
 */
export function stepsForChange(changed: readonly string[]): Step[][] {
  const isCode = (file: string) => /\.(ts|tsx|css)$/.test(file);
  const code = changed.filter(isCode);
  const specs = changed.filter((file) => file.startsWith("e2e/tests/"));
  const own = (pattern: string) => code.some((file) => file.endsWith(pattern.slice(3)));
  const leftOut = slowTests.filter((pattern) => !own(pattern)).flatMap((pattern) => ["--exclude", pattern]);
  const touches = (...folders: readonly string[]) =>
    code.some((file) => folders.some((folder) => file.startsWith(folder)));
  const related = ["related", "--run", ...code, ...leftOut, "--passWithNoTests"];
  const units = (title: string, projects: readonly string[]): Step => {
    const step = unitStep(title, projects);
    return { ...step, args: [...related, ...projects.flatMap((name) => ["--project", name])] };
  };
  const pageTests = (): Step => {
    const step = unitStep("tests of pages", ["pure"]);
    return { ...step, args: [...step.args, "scripts/pages.test.ts", "scripts/walls"] };
  };
  return [
    [
      ...staticSteps.slice(0, specs.length > 0 ? 3 : 2),
      ...slowerStaticSteps,
      ...(specs.length > 0 ? [browserStep(specs)] : []),
    ],
    code.length === 0
      ? [pageTests()]
      : [
          units("pure tests", pureProjects),
          ...(touches("server/", "contract/", "scripts/database/")
            ? [units("server tests", ["server"])]
            : []),
        ],
  ];
}
