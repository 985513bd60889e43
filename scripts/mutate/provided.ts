import { join } from "node:path";
import { makeDemoTemplate } from "../../server/test/demo-template.ts";
import { bundleJobWorker } from "../../server/test/job-worker.ts";
import { discardDatabase, startDatabase } from "../database/index.ts";
import type { Suite } from "./suites.ts";

/** Environment for the tests of a suite. */
interface Provided {
  readonly env: Readonly<Record<string, string>>;
  readonly end: () => Promise<void>;
}

/** Starts a database. Server tests run a file at a time, so they get more time. */
async function forServer(): Promise<Provided> {
  const folder = join(import.meta.dirname, "../../.local/mutate-database");
  discardDatabase(folder);
  const database = await startDatabase(folder, { durable: false });
  bundleJobWorker();
  await makeDemoTemplate(database.access);
  return {
    env: { PROVIDED: JSON.stringify({ database: database.access }), QUICK_MS: "45000" },
    end: async () => {
      await database.stop();
      discardDatabase(folder);
    },
  };
}

/** Starts the environment of a suite. */
export const provided = ({ name }: Suite): Promise<Provided> =>
  name === "server" ? forServer() : Promise.resolve({ env: {}, end: async () => undefined });
