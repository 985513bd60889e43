import { readdirSync } from "node:fs";
import { join } from "node:path";

const root = join(import.meta.dirname, "../..");

/** Code to mutate and the tests to run, in one bundle. */
export interface Suite {
  readonly name: "core" | "server" | "web";
  readonly mutated: readonly string[];
  readonly tests: readonly string[];
}

const filesIn = (folder: string) =>
  (readdirSync(join(root, folder), { recursive: true }) as string[])
    .filter((file) => /\.tsx?$/.test(file))
    .map((file) => join(root, folder, file))
    .sort();
const isTest = (file: string) => /\.test\.tsx?$/.test(file);
/** Not mutated: re-exports, declarations, migrations, views and service workers. */
const notMutated = /\/index\.ts$|\.d\.ts$|\/migrations\/|\.tsx$|\.sw\.ts$/;
const testsIn = (folders: readonly string[]) => folders.flatMap(filesIn).filter(isTest);
const codeIn = (folders: readonly string[]) =>
  folders.flatMap(filesIn).filter((file) => !isTest(file) && !notMutated.test(file));

/** Tests left out: random, very slow, or about files and processes. */
const leftOut =
  /(fuzz|metamorphic|rules\/cases|rules\/rules|torque\/mechanics|stack\/stack|sharing\/sharing|drive\/fittings|proof\/stored|listing|thirty-duties|docstrings|bare-worker|kills|tries|demanding|ending|competing|pdf)\.test\.tsx?$/;

const suite = (name: Suite["name"], mutated: readonly string[], tests: readonly string[]): Suite => ({
  name,
  mutated: codeIn(mutated),
  tests: testsIn(tests).filter((file) => !leftOut.test(file)),
});

export const suites: readonly Suite[] = [
  suite(
    "core",
    [
      "core/src/basis/calc",
      "core/src/basis/versions",
      "core/src/duty/line-list",
      "core/src/duty/versions",
      "core/src/equipment/drives",
      "core/src/judgement/breaking",
      "core/src/judgement/proof",
      "core/src/judgement/rules",
      "core/src/outcome/shop",
    ],
    ["core/src"],
  ),
  suite(
    "server",
    [
      "server/src/store",
      "server/src/work",
      "server/src/shop",
      "server/src/project-file",
      "server/src/provings",
    ],
    ["server/src"],
  ),
  suite("web", ["web/src/bench", "web/src/offline", "web/src/rooms/shop/job"], ["web/src"]),
];
