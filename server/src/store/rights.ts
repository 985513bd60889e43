import type { MikroORM } from "@mikro-orm/postgresql";
import { connect, migrate } from "./orm.ts";
import { setUpQueue } from "./queue.ts";

type Right = "select" | "insert" | "update" | "delete";

/** Rights of the application on each table. History can be read and added to, nothing else. */
export const rights: Readonly<Record<string, readonly Right[]>> = {
  project: ["select", "insert", "update", "delete"],
  tag: ["select", "insert", "update", "delete"],
  duty_version: ["select", "insert"],
  catalogue_version: ["select", "insert"],
  house_rule_version: ["select", "insert"],
  proof: ["select", "insert"],
  sheet: ["select", "insert"],
  keeping: ["select", "update"],
  list_draft: ["select", "insert", "delete"],
  list_memory: ["select", "insert", "update"],
  basis_decision: ["select", "insert"],
  basis: ["select", "insert"],
  tag_result: ["select", "insert", "update", "delete"],
  sheet_result: ["select", "insert", "update", "delete"],
  drift_acknowledged: ["select", "insert"],
  proving: ["select", "insert", "update"],
  shop_job: ["select", "insert"],
  shop_event: ["select", "insert"],
  shop_picture: ["select", "insert"],
  mikro_orm_migrations: ["select"],
};

/** Gives the application's role exactly its rights. */
async function grantRights(orm: MikroORM, role: string): Promise<void> {
  if (!/^[a-z_]+$/.test(role)) throw new Error(`"${role}" is no name of a role`);
  const connection = orm.em.getConnection();
  await connection.transactional(async (ctx) => {
    for (const [table, allowed] of Object.entries(rights)) {
      await connection.execute(`revoke all on ${table} from ${role}`, [], "run", ctx);
      await connection.execute(`grant ${allowed.join(", ")} on ${table} to ${role}`, [], "run", ctx);
    }
  });
}

/** Brings the schema up to date as the owner of its tables, and lets the application in. */
export async function setUpSchema(ownerUrl: string, applicationRole: string): Promise<void> {
  const orm = await connect(ownerUrl);
  try {
    await migrate(orm);
    await grantRights(orm, applicationRole);
    await setUpQueue(ownerUrl, applicationRole, orm);
  } finally {
    await orm.close(true);
  }
}
