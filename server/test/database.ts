import { fileURLToPath } from "node:url";
import type { TestProject } from "vitest/node";
import { discardDatabase, startDatabase } from "../../scripts/database/index.ts";
import type { Access } from "../../scripts/database/keys.ts";
import { makeDemoTemplate } from "./demo-template.ts";
import { bundleJobWorker } from "./job-worker.ts";

declare module "vitest" {
  export interface ProvidedContext {
    database: Access;
  }
}

/** Data folder of the test database; its keys are in the folder of the same name with `.keys`. */
export const testDatabase = fileURLToPath(new URL("../../.local/test-database", import.meta.url));

/**
 * One throwaway PostgreSQL for all test files, with a demonstration database to copy, and the job worker in one file.
 */
export default async function setup(project: TestProject) {
  discardDatabase(testDatabase);
  const database = await startDatabase(testDatabase, { durable: false });
  bundleJobWorker();
  await makeDemoTemplate(database.access);
  project.provide("database", database.access);
  return async () => {
    await database.stop();
    discardDatabase(testDatabase);
  };
}
