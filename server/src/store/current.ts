import type { EntityManager } from "@mikro-orm/postgresql";
import type { Catalogue } from "@proven-seat/core/catalogue";
import { CatalogueVersion, HouseRuleVersion } from "./entities/versions.ts";
import { rowsOf } from "./sql.ts";
import { catalogueOf, houseRulesOf } from "./stored.ts";

/** A revision of the catalogue without its content. */
export interface CatalogueHead {
  readonly revision: number;
  readonly digest: string;
  readonly createdAt: Date;
  readonly createdBy: string;
}

/** The revision in force: the highest. Its content is half a megabyte and is looked up by its digest. */
export async function catalogueInForce(em: EntityManager): Promise<CatalogueHead> {
  const [newest] = await rowsOf<{ revision: number; digest: string; created_at: string; created_by: string }>(
    em,
    "select revision, digest, created_at, created_by from catalogue_version order by revision desc limit 1",
  );
  const { revision, digest, created_at, created_by } = newest!;
  return { revision, digest, createdAt: new Date(created_at), createdBy: created_by };
}

const heldAtMost = 4;
const held = new Map<string, Catalogue>();

/** The content of a revision in the newest format; the last few are held by their digest. */
export async function catalogueContent(
  em: EntityManager,
  { revision, digest }: Pick<CatalogueHead, "revision" | "digest">,
): Promise<Catalogue> {
  const known = held.get(digest);
  if (known) return known;
  const content = catalogueOf(await em.findOneOrFail(CatalogueVersion, { revision }));
  if (held.size === heldAtMost) held.delete(held.keys().next().value!);
  held.set(digest, content);
  return content;
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
