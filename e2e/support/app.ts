import { test as base, expect } from "@playwright/test";
import { RunningApp } from "./running-app.ts";

/** Every test file's worker has an application of its own; every page is watched for errors and foreign requests. */
export const test = base.extend<{ watched: undefined }, { app: RunningApp }>({
  app: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads the fixtures wanted from the pattern
    async ({}, use) => {
      const app = await RunningApp.start();
      await use(app);
      await app.end();
    },
    { scope: "worker" },
  ],
  watched: [
    async ({ page, app }, use) => {
      const faults: string[] = [];
      page.on("pageerror", (error) => faults.push(error.message));
      page.on(
        "console",
        (message) =>
          message.type() === "error" &&
          !message.text().includes("Failed to load resource") &&
          faults.push(message.text()),
      );
      page.on("request", (request) => {
        const url = new URL(request.url());
        if (url.protocol.startsWith("http") && url.origin !== app.url)
          faults.push(`request left for ${url.origin}`);
      });
      await use(undefined);
      expect(faults).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };
