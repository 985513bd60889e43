import type { EntityManager } from "@mikro-orm/postgresql";
import { catalogueContent, catalogueInForce, currentHouseRules } from "../store/current.ts";
import { Tag } from "../store/entities/tag.ts";
import { notThere } from "../work/refusal.ts";

/** What everything printed of the work on a tag needs: the tag, what it is proved by, and where it is on screen. */
export async function printedOf(em: EntityManager, id: string, origin: string, units: unknown) {
  const tag = await em.findOne(Tag, { id }, { populate: ["project"] });
  if (!tag) throw notThere("tag");
  const { catalogueRevision, houseRuleVersion, name, id: project } = tag.project.$;
  const catalogue = await catalogueInForce(em, catalogueRevision);
  const { values: house } = await currentHouseRules(em, houseRuleVersion);
  const { number, service, unit, duty, choice } = tag;
  return {
    input: {
      tag: { number, service, unit, duty },
      choice: choice ?? null,
      project: name,
      house,
      system: units === "US" ? ("US" as const) : ("metric" as const),
      at: new Date().toISOString(),
    },
    /** Address of a page of the shop. */
    on: (page: string) => `${origin}/projects/${project}/tags/${id}/shop/${page}`,
    catalogue: { digest: catalogue.digest, content: await catalogueContent(em, catalogue) },
    /** Name of a file of it. */
    file: (what: string) => `${number.replace(/[^\w.-]+/g, "_")}-${what}.pdf`,
  };
}
