import { defineConfig } from "vitest/config";

const conditions = ["source", "node"];

export default defineConfig({
  resolve: { conditions },
  ssr: { resolve: { conditions } },
  test: {
    include: ["{core,contract,server,web,bench,scripts}/**/*.test.{ts,tsx}"],
    exclude: ["**/node_modules/**", "**/dist/**"],
    testTimeout: 30_000,
    hookTimeout: 60_000,
    globalSetup: ["server/test/database.ts"],
    reporters: process.env.CHECK_REPORT
      ? ["default", ["json", { outputFile: process.env.CHECK_REPORT }]]
      : ["default"],
  },
});
