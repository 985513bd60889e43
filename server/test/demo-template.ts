import { type Access, roles, urlFor } from "../../scripts/database/keys.ts";
import { prepareDatabase } from "../../scripts/database/roles.ts";
import { loadDemo } from "../src/demo/load-demo.ts";
import { connect } from "../src/store/orm.ts";
import { setUpSchema } from "../src/store/rights.ts";

/** A database with the schema and the demonstration: every test starts with a copy, which takes milliseconds. */
export const demoTemplate = "demo_template";

/** Makes the template in a new cluster. */
export async function makeDemoTemplate(access: Access): Promise<void> {
  await prepareDatabase(access, demoTemplate);
  await setUpSchema(urlFor(access, "owner", demoTemplate), roles.application);
  const orm = await connect(urlFor(access, "application", demoTemplate));
  await loadDemo(orm, "engineer");
  await orm.close(true);
}
