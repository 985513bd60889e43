import { fileURLToPath } from "node:url";
import { parseSync } from "oxc-parser";
import type { Plugin } from "vite";

const stand = fileURLToPath(new URL("./src/workers/no-schemas.ts", import.meta.url));

/** Properties that the prover does not use, by the files that declare them: words of line lists and texts of pages. */
const declarations: readonly (readonly [files: RegExp, properties: readonly string[]])[] = [
  [/\/core\/src\/duty\/fields\//, ["headings", "means", "written"]],
  [/\/core\/src\/judgement\/rules\//, ["inputs"]],
  [/\/core\/src\/basis\/house\//, ["reason"]],
];

interface Node {
  readonly type: string;
  readonly start: number;
  readonly end: number;
  readonly key?: { readonly name?: string };
}

/** The properties with these names anywhere in a syntax tree. */
function propertiesIn(tree: unknown, names: readonly string[]): Node[] {
  if (Array.isArray(tree)) return tree.flatMap((node) => propertiesIn(node, names));
  if (typeof tree !== "object" || tree === null) return [];
  const node = tree as Node;
  if (node.type === "Property" && names.includes(node.key?.name ?? "")) return [node];
  return Object.values(tree).flatMap((value) => propertiesIn(value, names));
}

/** A source file without the properties with these names. */
function without(code: string, file: string, names: readonly string[]): string {
  const { program } = parseSync(file, code);
  let left = code;
  for (const { start, end } of propertiesIn(program, names).reverse())
    left = left.slice(0, start) + left.slice(end).replace(/^\s*,/, "");
  return left;
}

/**
 * Vite plugin: leaves the schema library and declarations for line lists and pages out of the prover. Other workers keep
 * them. A test compares the answers of both provers. Why: docs/decisions/0016.
 *
 * @param entry end of the path of the program to change; other programs are left as they are
 * @returns the plugin
 */
export function withoutDeclarations(entry = "/prover.worker.ts"): Plugin {
  let isProver = false;
  return {
    name: "without-declarations",
    enforce: "pre",
    buildStart({ input }) {
      isProver = JSON.stringify(input).includes(entry);
    },
    resolveId: (id) => (isProver && id === "zod" ? stand : null),
    transform(code, file) {
      const names = isProver && declarations.find(([files]) => files.test(file))?.[1];
      return names ? { code: without(code, file, names), map: null } : null;
    },
  };
}
