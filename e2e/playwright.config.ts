import { defineConfig } from "@playwright/test";

export default defineConfig({
  testDir: "tests",
  globalSetup: "./support/global-setup.ts",
  timeout: 240_000,
  expect: { timeout: 60_000 },
  fullyParallel: true,
  workers: 2,
  // A busy machine may make one wait too long; a test that passes the second time is counted and reported.
  retries: process.env.CI ? 1 : 0,
  outputDir: "../test-results",
  reporter: process.env.E2E_REPORT
    ? [["line"], ["json", { outputFile: process.env.E2E_REPORT }]]
    : [["list"]],
  use: {
    viewport: { width: 1280, height: 800 },
    colorScheme: "light",
    // Stored offline data would hide the prepared answers of these tests.
    serviceWorkers: "block",
    launchOptions: {
      executablePath: "/usr/bin/chromium-headless-shell",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
