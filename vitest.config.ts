import { defineConfig } from "vitest/config";

const conditions = ["source", "node"];

/** Tests of one workspace, runnable alone: `npx vitest run --project core`. */
const project = (name: string, more: { globalSetup?: string[]; setupFiles?: string[] } = {}) => ({
  extends: true as const,
  test: {
    name,
    include: [`${name}/**/*.test.{ts,tsx}`],
    ...more,
    setupFiles: ["scripts/property-seed.ts", ...(more.setupFiles ?? [])],
  },
});

export default defineConfig({
  resolve: { conditions },
  ssr: { resolve: { conditions } },
  test: {
    exclude: ["**/node_modules/**", "**/dist/**"],
    // Half of the tests wait for a database, a browser or a timer: no core is kept free.
    maxWorkers: "100%",
    // A long round by hand takes as long as it takes.
    testTimeout: process.env.METAMORPHIC_DUTIES ? 3_600_000 : 300_000,
    hookTimeout: 300_000,
    // What comes to pass passes at once; a machine with much else to do is waited for.
    expect: { poll: { timeout: 60_000 } },
    // What came is told whole: from a machine that is gone nobody can ask again.
    chaiConfig: { truncateThreshold: 10_000 },
    reporters: process.env.CHECK_REPORT
      ? ["default", ["json", { outputFile: process.env.CHECK_REPORT }]]
      : ["default"],
    // Only the server's tests start a database.
    projects: [
      ...["core", "contract", "scripts"].map((name) => project(name)),
      project("web", { setupFiles: ["web/test/patience.ts"] }),
      project("server", { globalSetup: ["server/test/database.ts"] }),
    ],
  },
});
