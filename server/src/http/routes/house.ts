import type { MikroORM } from "@mikro-orm/postgresql";
import type { Health } from "@proven-seat/contract";
import { engineVersion } from "@proven-seat/core/proof";
import { Project } from "../../store/entities/project.ts";
import { Tag } from "../../store/entities/tag.ts";
import type { Mount } from "../mount.ts";

async function healthOf(orm: MikroORM): Promise<Health> {
  const unwell: Health = {
    status: "unwell",
    engine: engineVersion,
    database: "unreachable",
    migrations: { executed: 0, pending: 0 },
  };
  if (!(await orm.isConnected())) return unwell;
  try {
    const migrator = orm.getMigrator();
    const [executed, pending] = [
      await migrator.getExecutedMigrations(),
      await migrator.getPendingMigrations(),
    ];
    return {
      status: pending.length === 0 ? "ok" : "unwell",
      engine: engineVersion,
      database: "reachable",
      migrations: { executed: executed.length, pending: pending.length },
    };
  } catch {
    return unwell;
  }
}

export function mountHouse(mount: Mount, orm: MikroORM): void {
  mount("health", async ({ response }) => {
    const health = await healthOf(orm);
    response.status(health.status === "ok" ? 200 : 503);
    return health;
  });

  mount("projects", async ({ em }) => {
    const projects = await em.find(Project, {}, { orderBy: { createdAt: "asc" } });
    return Promise.all(
      projects.map(async ({ id, name, note, opensOn }) => ({
        id,
        name,
        note,
        opensOn: opensOn ?? null,
        tags: await em.count(Tag, { project: id }),
      })),
    );
  });
}
