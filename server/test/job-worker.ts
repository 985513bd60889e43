import { fileURLToPath } from "node:url";
import { build } from "esbuild";

const source = fileURLToPath(new URL("../src/jobs/worker.ts", import.meta.url));

/** The bundled job worker of tests. It is inside server/node_modules so that it finds the packages of the server. */
export const jobWorker = new URL("../node_modules/.cache/test-job-worker.mjs", import.meta.url);

/**
 * Puts the worker of jobs and all of core that it needs into one file: a thread that loads a thousand sources apart takes
 * seconds, and every test file starts some.
 */
export async function bundleJobWorker(): Promise<void> {
  await build({
    entryPoints: [source],
    outfile: fileURLToPath(jobWorker),
    bundle: true,
    platform: "node",
    format: "esm",
    target: "node20",
    conditions: ["source"],
    sourcemap: "inline",
    logLevel: "error",
    plugins: [
      {
        name: "packages-stay-outside",
        setup: ({ onResolve }) =>
          onResolve({ filter: /^[^./]/ }, ({ path, kind }) =>
            kind === "entry-point" || path.startsWith("@proven-seat/") ? null : { path, external: true },
          ),
      },
    ],
  });
}
