import type { MikroORM } from "@mikro-orm/postgresql";
import type { Mount } from "../mount.ts";
import { mountCalculations } from "./calculations.ts";
import { mountCatalogue } from "./catalogue.ts";
import { mountHouseRules } from "./house-rules.ts";
import { mountKeeping } from "./keeping.ts";
import { mountLineLists } from "./line-lists.ts";
import { mountPlans } from "./plans.ts";
import { mountProjects } from "./projects.ts";
import { mountProvings } from "./provings.ts";
import { mountSheets } from "./sheets.ts";
import { mountShop } from "./shop.ts";
import { mountSystem } from "./system.ts";
import { mountTags } from "./tags.ts";

/** Every route, by subject. */
export function mountRoutes(mount: Mount, orm: MikroORM): void {
  mountSystem(mount, orm);
  for (const routes of [
    mountCalculations,
    mountProjects,
    mountTags,
    mountLineLists,
    mountCatalogue,
    mountHouseRules,
    mountSheets,
    mountPlans,
    mountShop,
    mountProvings,
    mountKeeping,
  ])
    routes(mount);
}
