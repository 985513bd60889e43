import { randomUUID } from "node:crypto";
import { join } from "node:path";
import type { MikroORM } from "@mikro-orm/postgresql";
import { importSchema } from "@proven-seat/contract";
import { defaultHouseRules } from "@proven-seat/core/house";
import { digestOf } from "@proven-seat/core/proof";
import { storedHouseRules } from "@proven-seat/core/stored";
import { z } from "zod";
import { Project } from "../store/entities/project.ts";
import { CatalogueVersion, HouseRuleVersion } from "../store/entities/versions.ts";
import { addTag } from "../work/tags.ts";
import { demoFolder, readCatalogueFolder, readDemoScenario } from "./read-demo.ts";

const scenarioSchema = z.strictObject({
  project: z.strictObject({ name: z.string(), note: z.string(), opensOn: z.string() }),
  tags: importSchema.shape.tags,
});

/** Loads catalogue, first house rules and the demo project into an empty database; otherwise does nothing. */
export async function loadDemo(orm: MikroORM, user: string): Promise<boolean> {
  return orm.em.fork().transactional(async (em) => {
    await em
      .getConnection()
      .execute("select pg_advisory_xact_lock(4181)", [], "run", em.getTransactionContext());
    const [newest] = await em.find(CatalogueVersion, {}, { orderBy: { revision: "desc" }, limit: 1 });
    // What stands on the shelf is the organisation's own by now, and is read in whatever format it was written.
    if (newest) return false;
    const { catalogue, faults } = readCatalogueFolder(join(demoFolder, "catalogue"));
    if (!catalogue) {
      const f = faults[0]!;
      throw new Error(
        `The demo catalogue is broken: ${f.file}, row ${f.row ?? "–"}, ${f.field}: ${f.reason} (${faults.length} faults)`,
      );
    }
    const scenario = scenarioSchema.parse(readDemoScenario());
    const signed = { createdAt: new Date(), createdBy: user };
    em.create(CatalogueVersion, {
      revision: catalogue.revision,
      digest: digestOf(catalogue),
      content: catalogue,
      reason: "The demonstration's catalogue",
      ...signed,
    });
    em.create(HouseRuleVersion, {
      version: 1,
      content: storedHouseRules(defaultHouseRules()),
      reason: "First set",
      ...signed,
    });
    const project = em.create(Project, {
      id: randomUUID(),
      name: scenario.project.name,
      note: scenario.project.note,
      opensOn: null,
      ...signed,
    });
    const tags = scenario.tags.map((tag) => addTag(em, project, tag, user));
    project.opensOn = tags.find((tag) => tag.number === scenario.project.opensOn)?.id ?? null;
    await em.flush();
    return true;
  });
}
