import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, relative } from "node:path";
import { pathToFileURL } from "node:url";
import { build, type Plugin } from "esbuild";
import type { Suite } from "./suites.ts";

const root = join(import.meta.dirname, "../..");

/** Loads sources, mutated where selected, and keeps their own paths for `import.meta`. */
const mutatedSources = (contents: ReadonlyMap<string, string>): Plugin => ({
  name: "mutated-sources",
  setup: ({ onLoad }) =>
    onLoad({ filter: /\/(core|contract|server|web|scripts)\/.*\.tsx?$/ }, ({ path }) =>
      path.includes("/node_modules/")
        ? null
        : {
            contents: withFoundFolders(contents.get(path) ?? readFileSync(path, "utf8"), path)
              .replaceAll("import.meta.url", JSON.stringify(pathToFileURL(path).href))
              .replaceAll("import.meta.dirname", JSON.stringify(dirname(path)))
              .replaceAll("import.meta.env.DEV", "false"),
            loader: path.endsWith("x") ? "tsx" : "ts",
          },
    ),
});

/** Replaces `import.meta.glob` by one import for each folder, because esbuild does not know it. */
function withFoundFolders(text: string, path: string): string {
  const asked = /import\.meta\.glob<[^(]*>\("\.\/\*\/([\w.]+)", \{ eager: true \}\)/.exec(text);
  if (asked === null) return text;
  const found = readdirSync(dirname(path), { withFileTypes: true })
    .filter(
      (entry) => entry.isDirectory() && readdirSync(join(dirname(path), entry.name)).includes(asked[1]!),
    )
    .map(({ name }) => `./${name}/${asked[1]}`);
  const imports = found.map((file, index) => `import * as found${index} from "${file}";`).join("\n");
  const record = found.map((file, index) => `"${file}": found${index}`).join(", ");
  return `${imports}\n${text.replace(asked[0], `{ ${record} }`)}`;
}

/** `begins:FILE`, imported before a test file, names that file for the collected tests. */
const beginnings: Plugin = {
  name: "beginnings",
  setup: ({ onResolve, onLoad }) => {
    onResolve({ filter: /^begins:/ }, ({ path }) => ({
      path: path.slice("begins:".length),
      namespace: "begins",
    }));
    onLoad({ filter: /.*/, namespace: "begins" }, ({ path }) => ({
      contents: `import { begin } from "vitest"; begin(${JSON.stringify(path)});`,
      resolveDir: root,
    }));
  },
};

/** One file of all tests of a suite and the mutated code: loaded once, run for every mutant. */
export async function bundle(
  { name, tests }: Suite,
  contents: ReadonlyMap<string, string>,
  outfile: string,
): Promise<void> {
  const around = name === "web" ? [`import ${JSON.stringify(join(root, "scripts/mutate/page.ts"))};`] : [];
  const lines = tests.flatMap((file) => [
    `import ${JSON.stringify(`begins:${relative(root, file)}`)};`,
    `import ${JSON.stringify(file)};`,
  ]);
  const worker = JSON.stringify(join(root, "scripts/mutate/worker.ts"));
  await build({
    stdin: {
      contents: [...around, ...lines, `import ${worker};`].join("\n"),
      resolveDir: root,
      loader: "ts",
    },
    outfile,
    bundle: true,
    platform: "node",
    format: "esm",
    target: "node20",
    jsx: "automatic",
    conditions: ["source", "node"],
    logLevel: "error",
    // Tests are loaded for their effect, so the package's claim of having none is ignored.
    ignoreAnnotations: true,
    alias: { vitest: join(root, "scripts/mutate/tests.ts") },
    external: [
      "@mikro-orm/*",
      "exceljs",
      "fontkit",
      "happy-dom",
      "pdfkit",
      "pg",
      "pg-boss",
      "pino",
      "pino-http",
      "piscina",
      "sharp",
      "esbuild",
      "@expo-google-fonts/*",
    ],
    loader: { ".css": "empty" },
    banner: {
      js: 'import { createRequire as requireFrom } from "node:module"; const require = requireFrom(import.meta.url);',
    },
    plugins: [beginnings, mutatedSources(contents)],
  });
}
