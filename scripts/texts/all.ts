import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { textsOf, type UserText } from "./collect.ts";
import { commentsOf } from "./comments.ts";

const root = fileURLToPath(new URL("../..", import.meta.url));

/** Words of line lists in other languages, unit names, and database statements: no user reads them. */
const notRead =
  /\.test\.tsx?$|\.d\.ts$|lexicon\/|fluid-names\.ts$|units\/tables\/|store\/|catalogue\/versions\//;

const listed = (...patterns: readonly string[]): string[] =>
  execFileSync("git", ["ls-files", ...patterns], { cwd: root, encoding: "utf8" })
    .split("\n")
    .filter((file) => file !== "");

const read = (file: string): string => readFileSync(join(root, file), "utf8");

/** Texts of core, contract, server and interface. */
export const allTexts = (): UserText[] =>
  listed("core/src/*.ts", "contract/src/*.ts", "server/src/*.ts", "web/src/*.ts", "web/src/*.tsx")
    .filter((file) => !notRead.test(file))
    .flatMap((file) => textsOf(file, read(file)));

/** Files that quote the phrases they look for. */
const quotes = /^scripts\/texts\//;

/** Comments of every source file, and the lines of every page of the manual. */
export const allProse = (): UserText[] => [
  ...listed("*.ts", "*.tsx")
    .filter((file) => !quotes.test(file))
    .flatMap((file) => commentsOf(file, read(file))),
  ...listed("*.md").flatMap((file) =>
    read(file)
      .replace(/```[\s\S]*?```/g, (block) => block.replace(/[^\n]/g, ""))
      .split("\n")
      .map((text, i) => ({ file, line: i + 1, text })),
  ),
];
