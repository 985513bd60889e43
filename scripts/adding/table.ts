import { readFileSync } from "node:fs";
import { join } from "node:path";
import { type Addition, Files } from "./copy.ts";
import { additionsToCore } from "./to-core.ts";
import { additionsToServer } from "./to-server.ts";
import { additionsToWeb } from "./to-web.ts";

export const root = join(import.meta.dirname, "../..");
export const additions: readonly Addition[] = [...additionsToCore, ...additionsToServer, ...additionsToWeb];

function textOf(path: string): string | null {
  try {
    return readFileSync(join(root, path), "utf8");
  } catch {
    return null;
  }
}

/** Makes additions to the files of the product, in memory. */
export function filesWith(made: readonly Addition[]): Files {
  const files = new Files(textOf);
  for (const addition of made) addition.does(files);
  return files;
}

function row(addition: Addition): string {
  const touched = [...filesWith([addition]).changed.keys()];
  const remark = addition.remark === undefined ? "" : `; ${addition.remark}`;
  return `| ${addition.what} | ${touched.length} | ${touched.map((path) => `\`${path}\``).join(", ")}${remark} |`;
}

/** The files each addition touches, as rows of a table. */
export const tableOfAdditions = (): string[] => [
  "| adding | files | which |",
  "| --- | --- | --- |",
  ...additions.map(row),
];
