import type { EntityManager } from "@mikro-orm/postgresql";
import type { Catalogue, Shelf } from "@proven-seat/core/catalogue";
import { CatalogueVersion, HouseRuleVersion } from "./entities/versions.ts";
import { houseRulesOf, shelfOf } from "./stored.ts";

export interface CurrentCatalogue {
  readonly revision: number;
  readonly digest: string;
  readonly content: Catalogue;
  readonly createdAt: Date;
  readonly createdBy: string;
  readonly shelf: Shelf;
}

/** Catalogue in force: the highest revision, in the newest format. */
export async function currentCatalogue(em: EntityManager): Promise<CurrentCatalogue> {
  const newest = await em.findOneOrFail(
    CatalogueVersion,
    { revision: { $gt: 0 } },
    { orderBy: { revision: "desc" } },
  );
  const shelf = shelfOf(newest);
  const { revision, digest, createdAt, createdBy } = newest;
  return { revision, digest, content: shelf.catalogue, createdAt, createdBy, shelf };
}

/** House rules in force: the highest version. */
export async function currentHouseRules(em: EntityManager) {
  const newest = await em.findOneOrFail(
    HouseRuleVersion,
    { version: { $gt: 0 } },
    { orderBy: { version: "desc" } },
  );
  const { version, reason, createdAt, createdBy } = newest;
  return { version, values: houseRulesOf(newest), reason, createdAt, createdBy };
}
