import type { EntityManager } from "@mikro-orm/postgresql";
import type { Catalogue } from "@proven-seat/core/equipment/catalogue";
import { LRUCache } from "lru-cache";
import { CatalogueVersion, HouseRuleVersion } from "./entities/versions.ts";
import { type Reader, rowsOf } from "./sql.ts";
import { catalogueOf, houseRulesOf } from "./stored.ts";

/** A revision of the catalogue without its content. */
export interface CatalogueHead {
  readonly revision: number;
  readonly digest: string;
  readonly createdAt: Date;
  readonly createdBy: string;
}

/**
 * The revision a project is pinned to, or the highest one. Its content is half a megabyte and is looked up by its
 * digest.
 */
export async function catalogueInForce(db: Reader, pinned: number | null = null): Promise<CatalogueHead> {
  const [found] = await rowsOf<{ revision: number; digest: string; created_at: string; created_by: string }>(
    db,
    `select revision, digest, created_at, created_by from catalogue_version
      where (?::int is null and not brought_in) or revision = ? order by revision desc limit 1`,
    [pinned, pinned],
  );
  const { revision, digest, created_at, created_by } = found!;
  return { revision, digest, createdAt: new Date(created_at), createdBy: created_by };
}

const held = new LRUCache<string, Catalogue>({ max: 4 });

/** The content of a revision in the newest format; the last few are held by their digest. */
export async function catalogueContent(
  em: EntityManager,
  { revision, digest }: Pick<CatalogueHead, "revision" | "digest">,
): Promise<Catalogue> {
  const known = held.get(digest);
  if (known) return known;
  const content = catalogueOf(await em.findOneOrFail(CatalogueVersion, { revision }));
  held.set(digest, content);
  return content;
}

/** House rules a project is pinned to, or those in force: the highest version. */
export async function currentHouseRules(em: EntityManager, pinned: number | null = null) {
  const found = await em.findOneOrFail(
    HouseRuleVersion,
    pinned === null ? { broughtIn: false } : { version: pinned },
    { orderBy: { version: "desc" } },
  );
  const { version, reason, broughtIn, createdAt, createdBy } = found;
  return { version, values: houseRulesOf(found), reason, broughtIn, createdAt, createdBy };
}
