import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { textsOf, type UserText } from "./collect.ts";

const root = fileURLToPath(new URL("../..", import.meta.url));

/** Words of line lists in other languages, unit names, and database statements: no user reads them. */
const notRead =
  /\.test\.tsx?$|\.d\.ts$|lexicon\/|fluid-names\.ts$|units\/tables\/|store\/|catalogue\/versions\//;

/** Texts of core, contract, server and interface. */
export function allTexts(): UserText[] {
  const files = execFileSync(
    "git",
    ["ls-files", "core/src/*.ts", "contract/src/*.ts", "server/src/*.ts", "web/src/*.ts", "web/src/*.tsx"],
    { cwd: root, encoding: "utf8" },
  )
    .split("\n")
    .filter((file) => file !== "" && !notRead.test(file));
  return files.flatMap((file) => textsOf(file, readFileSync(join(root, file), "utf8")));
}
