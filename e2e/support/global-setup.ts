import { fileURLToPath } from "node:url";
import { build } from "../../scripts/build.ts";
import { discardDatabase, startDatabase } from "../../scripts/database/index.ts";

const folder = fileURLToPath(new URL("../../.local/e2e-database", import.meta.url));

/** Builds what is served and starts one throwaway PostgreSQL for all browser tests. */
export default async function setup() {
  build();
  discardDatabase(folder);
  const database = await startDatabase(folder, { durable: false });
  process.env.E2E_DATABASE = JSON.stringify(database.access);
  return async () => {
    await database.stop();
    discardDatabase(folder);
  };
}
