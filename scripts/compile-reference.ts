/**
 * Compiles core/reference/*.csv into typed modules under core/src/basis/reference/tables, so that core
 * needs no file access at run time. Run after changing a CSV; a test fails when the two differ.
 */
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import Papa from "papaparse";

const root = fileURLToPath(new URL("..", import.meta.url));
const from = join(root, "core/reference");
const to = join(root, "core/src/basis/reference/tables");

/** Columns whose text looks like a number but is a name. */
const names = new Set(["material_group", "class", "classes", "grade", "proof_grade", "bolt", "flange"]);

const camel = (name: string) => name.replace(/[_-](\w)/g, (_, letter: string) => letter.toUpperCase());

/** The TypeScript module for one CSV table. */
export function compileTable(file: string): { module: string; text: string } {
  const parsed = Papa.parse<Record<string, string>>(readFileSync(join(from, file), "utf8").trim(), {
    header: true,
  });
  if (parsed.errors.length > 0) throw new Error(`${file}: ${parsed.errors[0]!.message}`);
  const rows = parsed.data.map((row) =>
    Object.entries(row).map(([column, value]) => {
      if (value === "") return null;
      return !names.has(column) && /^-?\d+(\.\d+)?(e-?\d+)?$/i.test(value) ? Number(value) : value;
    }),
  );
  const columns = parsed.meta.fields!;
  const name = file.replace(/\.csv$/, "");
  const lines = rows.map((row) => `  ${JSON.stringify(row)},`).join("\n");
  const text = `// Compiled from core/reference/${file} by npm run reference:compile. Do not edit.
export const ${camel(name)} = {
  columns: ${JSON.stringify(columns)},
  rows: [
${lines}
  ] as (string | number | null)[][],
};
`;
  return { module: `${name}.ts`, text };
}

export const tableFiles = () =>
  readdirSync(from)
    .filter((file) => file.endsWith(".csv"))
    .sort();

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  for (const file of tableFiles()) {
    const { module, text } = compileTable(file);
    writeFileSync(join(to, module), text);
  }
}
