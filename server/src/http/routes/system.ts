import type { MikroORM } from "@mikro-orm/postgresql";
import { type Health, openApiDocument } from "@proven-seat/contract";
import { engineVersion, sheetSchema } from "@proven-seat/core/judgement/proof";
import { proveRequestSchema } from "@proven-seat/core/judgement/request";
import { z } from "zod";
import { migrationsOf } from "../../store/orm.ts";
import type { Mount } from "../mount.ts";

async function healthOf(orm: MikroORM): Promise<Health> {
  const unwell: Health = {
    status: "unwell",
    engine: engineVersion,
    database: "unreachable",
    migrations: { executed: 0, pending: 0 },
  };
  try {
    const migrations = await migrationsOf(orm);
    return {
      status: migrations.pending === 0 ? "ok" : "unwell",
      engine: engineVersion,
      database: "reachable",
      migrations,
    };
  } catch {
    return unwell;
  }
}

/** State of the server. */
export function mountSystem(mount: Mount, orm: MikroORM): void {
  mount("health", async ({ response }) => {
    const health = await healthOf(orm);
    response.status(health.status === "ok" ? 200 : 503);
    return health;
  });

  mount("openApi", () => openApiDocument(engineVersion));
  mount("sheetSchema", () => z.toJSONSchema(sheetSchema(), { io: "input" }));
  mount("dutySchema", () => z.toJSONSchema(proveRequestSchema(), { io: "input" }));
}
