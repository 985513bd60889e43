import { Migrator } from "@mikro-orm/migrations";
import { defineConfig, MikroORM } from "@mikro-orm/postgresql";
import { entities } from "./entities/index.ts";
import { Migration20261123000000_first as First } from "./migrations/Migration20261123000000_first.ts";
import { Migration20261124000000_fuller_duty as FullerDuty } from "./migrations/Migration20261124000000_fuller_duty.ts";
import { Migration20261124100000_catalogue_reason as CatalogueReason } from "./migrations/Migration20261124100000_catalogue_reason.ts";
import { Migration20261126000000_one_number as OneNumber } from "./migrations/Migration20261126000000_one_number.ts";
import { Migration20261126100000_listed as Listed } from "./migrations/Migration20261126100000_listed.ts";
import { Migration20261126200000_keeping as Keeping } from "./migrations/Migration20261126200000_keeping.ts";
import { Migration20261126300000_remarks as Remarks } from "./migrations/Migration20261126300000_remarks.ts";
import { Migration20261126400000_drafts as Drafts } from "./migrations/Migration20261126400000_drafts.ts";
import { Migration20261126500000_projects as Projects } from "./migrations/Migration20261126500000_projects.ts";
import { Migration20261126600000_provings as Provings } from "./migrations/Migration20261126600000_provings.ts";
import { Migration20261127000000_shop as Shop } from "./migrations/Migration20261127000000_shop.ts";

/** In the order they run. */
const migrationsList = [
  { name: "20261123000000_first", class: First },
  { name: "20261124000000_fuller_duty", class: FullerDuty },
  { name: "20261124100000_catalogue_reason", class: CatalogueReason },
  { name: "20261126000000_one_number", class: OneNumber },
  { name: "20261126100000_listed", class: Listed },
  { name: "20261126200000_keeping", class: Keeping },
  { name: "20261126300000_remarks", class: Remarks },
  { name: "20261126400000_drafts", class: Drafts },
  { name: "20261126500000_projects", class: Projects },
  { name: "20261126600000_provings", class: Provings },
  { name: "20261127000000_shop", class: Shop },
];

/** Connects to PostgreSQL; the schema comes from migrations alone. */
export function connect(databaseUrl: string): Promise<MikroORM> {
  return MikroORM.init(
    defineConfig({
      clientUrl: databaseUrl,
      entities,
      extensions: [Migrator],
      migrations: { migrationsList, snapshot: false, silent: true },
      pool: { min: 0, max: 10 },
      forceUtcTimezone: true,
    }),
  );
}

/** Migrations that ran and that are still to run, as rows tell: the application has no right to more. */
export async function migrationsOf(orm: MikroORM): Promise<{ executed: number; pending: number }> {
  const ran: { name: string }[] = await orm.em
    .getConnection()
    .execute("select name from mikro_orm_migrations");
  const names = new Set(ran.map(({ name }) => name));
  const executed = migrationsList.filter(({ name }) => names.has(name)).length;
  return { executed, pending: migrationsList.length - executed };
}

/** Updates the schema, as its owner; several servers starting at once wait for one another. */
export async function migrate(orm: MikroORM): Promise<void> {
  const connection = orm.em.getConnection();
  await connection.transactional(async (ctx) => {
    await connection.execute("select pg_advisory_xact_lock(4180)", [], "run", ctx);
    await orm.getMigrator().up();
  });
}
