import { defineConfig } from "vitest/config";
import { SlowestFirst } from "./scripts/check/slow.ts";

const conditions = ["source", "node"];

interface Parts {
  readonly name: string;
  readonly include?: readonly string[];
  readonly exclude?: readonly string[];
  readonly globalSetup?: string[];
  readonly setupFiles?: string[];
}

const apart = ["**/node_modules/**", "**/dist/**"];

/** Tests of one kind, runnable alone: `npx vitest run --project pure`. */
const project = ({
  name,
  include = [`${name}/**/*.test.{ts,tsx}`],
  exclude = [],
  setupFiles = [],
  ...more
}: Parts) => ({
  extends: true as const,
  test: {
    name,
    include: [...include],
    exclude: [...apart, ...exclude],
    setupFiles: ["scripts/property-seed.ts", ...setupFiles],
    isolate: false,
    ...more,
  },
});

/** Tests of scripts that start whole servers and databases of their own, and kill them. */
const withServers = ["scripts/{faults,start,database}/**/*.test.ts"];

export default defineConfig({
  resolve: { conditions },
  ssr: { resolve: { conditions } },
  test: {
    // Half of the tests wait for a database, a browser or a timer: no core is kept free.
    maxWorkers: process.env.TEST_WORKERS ?? "100%",
    sequence: { sequencer: SlowestFirst },
    // At night properties look for hours.
    testTimeout: process.env.EFFORT === "nightly" ? 7_200_000 : 300_000,
    hookTimeout: 300_000,
    // What comes to pass passes at once; a machine with much else to do is waited for.
    expect: { poll: { timeout: 60_000 } },
    // What came is told whole: from a machine that is gone nobody can ask again.
    chaiConfig: { truncateThreshold: 10_000 },
    // Compiled files are kept on disk for the next run.
    experimental: { fsModuleCache: true },
    reporters: process.env.CHECK_REPORT
      ? ["default", ["json", { outputFile: process.env.CHECK_REPORT }]]
      : ["default"],
    projects: [
      // Files share a realm, and core is read once for all that compute: each file alone would load hundreds of modules.
      project({
        name: "pure",
        include: ["core/**/*.test.ts", "contract/**/*.test.ts", "scripts/**/*.test.ts"],
        exclude: withServers,
      }),
      project({ name: "web", setupFiles: ["web/test/patience.ts"] }),
      project({
        name: "server",
        include: ["server/**/*.test.ts", ...withServers],
        globalSetup: ["server/test/database.ts"],
      }),
    ],
  },
});
