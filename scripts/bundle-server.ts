import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { buildSync } from "esbuild";

const root = fileURLToPath(new URL("../", import.meta.url));

/** Packages that read files from their own folder, start threads or load native code. */
const notBundled = ["exceljs", "fontkit", "pdfkit", "pg", "pg-boss", "pino", "pino-http", "piscina", "sharp"];
/** Database drivers that MikroORM loads for other databases. */
const notInstalled = [
  "better-sqlite3",
  "libsql",
  "mariadb",
  "mysql",
  "mysql2",
  "oracledb",
  "sqlite3",
  "tedious",
];

/**
 * Bundles programs of the server. A process that loads thousands of separate files takes three times as long to start.
 *
 * @param programs paths below server/src without extension
 * @param outdir output folder; the programs keep their paths
 */
export function bundleServer(programs: readonly string[], outdir: string): void {
  buildSync({
    entryPoints: programs.map((name) => ({ in: join(root, `server/src/${name}.ts`), out: name })),
    outdir,
    chunkNames: "chunks/[name]-[hash]",
    bundle: true,
    splitting: true,
    platform: "node",
    format: "esm",
    target: "node20",
    conditions: ["source"],
    logLevel: "error",
    external: [...notBundled, ...notInstalled, "@expo-google-fonts/*"],
    // MikroORM compares package versions by files that a bundle does not have. The lock file keeps the versions equal.
    define: { "process.env.MIKRO_ORM_ALLOW_VERSION_MISMATCH": '"1"' },
    banner: {
      js: `import { createRequire as requireFrom } from "node:module";
import { dirname as folderOf } from "node:path";
import { fileURLToPath as pathOf } from "node:url";
const require = requireFrom(import.meta.url);
const __filename = pathOf(import.meta.url);
const __dirname = folderOf(__filename);`,
    },
  });
}
