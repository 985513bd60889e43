import { readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "esbuild";

/** One file of all tests and the mutated code: loaded once, run for every mutant. */
export async function bundle(
  root: string,
  tests: readonly string[],
  contents: ReadonlyMap<string, string>,
  outfile: string,
): Promise<void> {
  const worker = join(root, "scripts/mutate/worker.ts");
  await build({
    stdin: {
      contents: [...tests, worker].map((file) => `import ${JSON.stringify(file)};`).join("\n"),
      resolveDir: root,
      loader: "ts",
    },
    outfile,
    bundle: true,
    platform: "node",
    format: "esm",
    target: "node20",
    conditions: ["source", "node"],
    logLevel: "error",
    // Tests are loaded for what they do, whatever the package says of its files.
    ignoreAnnotations: true,
    alias: { vitest: join(root, "scripts/mutate/tests.ts") },
    banner: {
      js: 'import { createRequire } from "node:module"; const require = createRequire(import.meta.url);',
    },
    plugins: [
      {
        name: "mutated",
        setup: ({ onLoad }) =>
          onLoad({ filter: /\/core\/.*\.ts$/ }, ({ path }) => ({
            // A bundle stands elsewhere: what is read beside a file is read beside it still.
            contents: (contents.get(path) ?? readFileSync(path, "utf8"))
              .replaceAll("import.meta.url", JSON.stringify(pathToFileURL(path).href))
              .replaceAll("import.meta.dirname", JSON.stringify(dirname(path))),
            loader: "ts",
          })),
      },
    ],
  });
}
