import { randomUUID } from "node:crypto";
import { join } from "node:path";
import type { MikroORM } from "@mikro-orm/postgresql";
import { importSchema, newProjectSchema } from "@proven-seat/contract";
import { defaultHouseRules, storedHouseRules } from "@proven-seat/core/basis/house";
import { digestOf } from "@proven-seat/core/judgement/proof";
import { z } from "zod";
import { demoFolder } from "../places.ts";
import { handIn } from "../shop/hand-in.ts";
import { keepDecision } from "../store/decisions.ts";
import { CatalogueVersion, HouseRuleVersion } from "../store/entities/versions.ts";
import { takeTurn } from "../store/locks.ts";
import { addProject } from "../work/projects.ts";
import { addTag } from "../work/tags.ts";
import { demoJobs } from "./demo-jobs.ts";
import { readCatalogueFolder, readDemoScenario } from "./read-demo.ts";

const scenarioSchema = z.strictObject({
  project: z.strictObject({ name: z.string(), note: z.string(), opensOn: z.string() }),
  tags: importSchema.shape.tags,
});

/** The empty project of a new installation. */
const ownProject = {
  name: "My plant",
  note: "Your own project: import a line list or add a tag.",
};

/** Loads catalogue, first house rules and the demo project into an empty database; otherwise does nothing. */
export async function loadDemo(orm: MikroORM, user: string): Promise<boolean> {
  return orm.em.fork().transactional(async (em) => {
    await takeTurn(em, "first demonstration");
    const [newest] = await em.find(CatalogueVersion, {}, { orderBy: { revision: "desc" }, limit: 1 });
    // The shelf may have been changed since, and is read in the format it was written in.
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
      broughtIn: false,
      ...signed,
    });
    em.create(HouseRuleVersion, {
      version: 1,
      content: storedHouseRules(defaultHouseRules()),
      reason: "First set",
      broughtIn: false,
      ...signed,
    });
    // Projects are pinned to them.
    await em.flush();
    const content = newProjectSchema.parse({ name: scenario.project.name, note: scenario.project.note });
    const pinned = { catalogueRevision: catalogue.revision, houseRuleVersion: 1 };
    const project = addProject(em, content, pinned, user);
    const tags = scenario.tags.map((tag) => addTag(em, project, tag, user));
    project.opensOn = tags.find((tag) => tag.number === scenario.project.opensOn)?.id ?? null;
    const own = addProject(em, newProjectSchema.parse(ownProject), pinned, user);
    // Beside the demonstration, and after it.
    own.createdAt = new Date(project.createdAt.getTime() + 1);
    await em.flush();
    for (const { id, createdAt: time } of [project, own])
      await keepDecision(em, {
        project: id,
        ...pinned,
        reason: "At creation of the project",
        at: time,
        by: user,
      });
    const byNumber = new Map(tags.map((tag) => [tag.number, tag]));
    const duties = new Map(scenario.tags.map(({ number, duty }) => [number, duty]));
    for (const { tag, work } of demoJobs(duties, catalogue, new Date()))
      await handIn(em, byNumber.get(tag)!.id, randomUUID(), work, user);
    return true;
  });
}
