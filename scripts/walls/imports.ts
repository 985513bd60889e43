import { readFileSync } from "node:fs";
import { dirname, join, normalize } from "node:path";
import { parseSync } from "oxc-parser";

/** Files a file imports or exports from by a relative path, types included. */
export function importsOf(root: string, file: string): string[] {
  const { module, errors } = parseSync(file, readFileSync(join(root, file), "utf8"));
  if (errors.length > 0) throw new Error(`${file}: ${errors[0]!.message}`);
  const requests = [
    ...module.staticImports.map(({ moduleRequest }) => moduleRequest.value),
    ...module.staticExports.flatMap(({ entries }) =>
      entries.flatMap(({ moduleRequest }) => moduleRequest?.value ?? []),
    ),
  ];
  return [...new Set(requests)]
    .filter((request) => request.startsWith("."))
    .map((request) => normalize(join(dirname(file), request)));
}
