/**
 * `npm run house:page`: makes all additions in one scratch copy of the product, compiles the copy, runs the check of each
 * addition, and writes the table in docs/house.md.
 */
import { execFileSync } from "node:child_process";
import {
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { houseWithTable } from "../house-page.ts";
import { additions, filesWith, root } from "./table.ts";

/** Copies the tracked files and links the installed packages. The packages of the product itself are linked inside the copy. */
function copyOfProduct(): string {
  const copy = mkdtempSync(join(tmpdir(), "adding-"));
  const tracked = execFileSync("git", ["ls-files", "-z", "--cached", "--others", "--exclude-standard"], {
    cwd: root,
  });
  for (const path of tracked.toString().split("\0").filter(Boolean))
    cpSync(join(root, path), join(copy, path));
  const own = new Set(["@proven-seat", ".cache"]);
  mkdirSync(join(copy, "node_modules/@proven-seat"), { recursive: true });
  for (const name of readdirSync(join(root, "node_modules")))
    if (!own.has(name)) symlinkSync(join(root, "node_modules", name), join(copy, "node_modules", name));
  for (const name of readdirSync(join(root, "node_modules/@proven-seat")))
    symlinkSync(join("../..", name), join(copy, "node_modules/@proven-seat", name));
  for (const name of readdirSync(root))
    if (existsSync(join(root, name, "node_modules")))
      symlinkSync(join(root, name, "node_modules"), join(copy, name, "node_modules"));
  return copy;
}

const copy = copyOfProduct();
try {
  for (const [path, text] of filesWith(additions).changed) {
    mkdirSync(dirname(join(copy, path)), { recursive: true });
    writeFileSync(join(copy, path), text);
  }
  const shows = additions.flatMap(({ what, shows: lines }) =>
    lines === undefined ? [] : [`await test(${JSON.stringify(what)}, async () => {${lines}\n});`],
  );
  writeFileSync(
    join(copy, "shows.ts"),
    `import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { test } from "node:test";
${shows.join("\n")}
`,
  );
  const run = (tool: string, ...args: string[]) => execFileSync(tool, args, { cwd: copy, stdio: "inherit" });
  const withSources = (...args: string[]) => run("node", "--conditions=source", "--import", "tsx", ...args);
  withSources("scripts/compile-reference.ts");
  run(join(root, "node_modules/.bin/tsc"), "-b");
  withSources("shows.ts");
} finally {
  rmSync(copy, { recursive: true });
}
const page = join(root, "docs/house.md");
writeFileSync(page, houseWithTable(readFileSync(page, "utf8")));
execFileSync(join(root, "node_modules/.bin/biome"), ["format", "--write", page], { cwd: root });
