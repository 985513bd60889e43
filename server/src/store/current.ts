import type { EntityManager } from "@mikro-orm/postgresql";
import { type Catalogue, compileShelf, type Shelf } from "@proven-seat/core/catalogue";
import { defaultHouseRules, type HouseRules } from "@proven-seat/core/house";
import { CatalogueVersion, HouseRuleVersion } from "./entities/versions.ts";

const shelves = new Map<string, Shelf>();

export interface CurrentCatalogue {
  readonly revision: number;
  readonly digest: string;
  readonly content: Catalogue;
  readonly createdAt: Date;
  readonly createdBy: string;
  readonly shelf: Shelf;
}

/** Catalogue in force: the highest revision. Compiled once for each digest. */
export async function currentCatalogue(em: EntityManager): Promise<CurrentCatalogue> {
  const newest = await em.findOneOrFail(
    CatalogueVersion,
    { revision: { $gt: 0 } },
    { orderBy: { revision: "desc" } },
  );
  let shelf = shelves.get(newest.digest);
  if (!shelf) {
    shelf = compileShelf(newest.content);
    shelves.set(newest.digest, shelf);
  }
  const { revision, digest, content, createdAt, createdBy } = newest;
  return { revision, digest, content, createdAt, createdBy, shelf };
}

/** House rules in force: the highest version. */
export async function currentHouseRules(em: EntityManager) {
  const newest = await em.findOneOrFail(
    HouseRuleVersion,
    { version: { $gt: 0 } },
    { orderBy: { version: "desc" } },
  );
  return {
    version: newest.version,
    // A set written before a rule was added goes by that rule's default.
    values: { ...defaultHouseRules(), ...(newest.content as HouseRules) },
    reason: newest.reason,
    createdAt: newest.createdAt,
    createdBy: newest.createdBy,
  };
}
