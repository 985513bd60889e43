import { fileURLToPath } from "node:url";
import { build } from "../../scripts/build.ts";
import { discardDatabase, startDatabase } from "../../scripts/database/index.ts";
import { urlFor } from "../../scripts/database/keys.ts";
import { prepareDatabase } from "../../scripts/database/roles.ts";
import { demoTemplate, makeDemoTemplate } from "../../server/test/demo-template.ts";
import { provedTemplate, RunningApp } from "./running-app.ts";

const folder = fileURLToPath(new URL("../../.local/e2e-database", import.meta.url));

/** Builds the application, starts one throwaway PostgreSQL for all browser tests, and proves the demonstration once. */
export default async function setup() {
  build();
  discardDatabase(folder);
  const database = await startDatabase(folder, { durable: false });
  process.env.E2E_DATABASE = JSON.stringify(database.access);
  await makeDemoTemplate(database.access);
  await prepareDatabase(database.access, provedTemplate, demoTemplate);
  const app = await RunningApp.on(urlFor(database.access, "application", provedTemplate));
  await app.proveList();
  await app.end();
  return async () => {
    await database.stop();
    discardDatabase(folder);
  };
}
