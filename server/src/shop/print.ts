import type { EntityManager } from "@mikro-orm/postgresql";
import type { Choice } from "@proven-seat/contract";
import type { HouseRules } from "@proven-seat/core/basis/house";
import type { Catalogue } from "@proven-seat/core/equipment/catalogue";
import { catalogueContent, catalogueInForce, currentHouseRules } from "../store/current.ts";
import { Tag } from "../store/entities/tag.ts";
import { notFound } from "../work/refusal.ts";

/** Values for every print about a tag: the tag, its basis, and its address on screen. */
export interface PrintBasis {
  readonly input: {
    readonly tag: Pick<Tag, "number" | "service" | "unit" | "duty">;
    readonly choice: Choice | null;
    readonly project: string;
    readonly house: HouseRules;
    readonly system: "US" | "metric";
    readonly at: string;
  };
  /** Address of a page of the shop. */
  readonly pageAddress: (page: string) => string;
  readonly catalogue: { readonly digest: string; readonly content: Catalogue };
  /** File name of the print. */
  readonly fileName: (what: string) => string;
}

/** Reads the values for a print; `units` is the query as the client sent it. */
export async function printBasis(
  em: EntityManager,
  id: string,
  origin: string,
  units: unknown,
): Promise<PrintBasis> {
  const tag = await em.findOne(Tag, { id }, { populate: ["project"] });
  if (!tag) throw notFound("tag");
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
      system: units === "US" ? "US" : "metric",
      at: new Date().toISOString(),
    },
    pageAddress: (page: string) => `${origin}/projects/${project}/tags/${id}/shop/${page}`,
    catalogue: { digest: catalogue.digest, content: await catalogueContent(em, catalogue) },
    fileName: (what: string) => `${number.replace(/[^\w.-]+/g, "_")}-${what}.pdf`,
  };
}
