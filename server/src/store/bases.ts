import type { EntityManager } from "@mikro-orm/postgresql";
import { engineVersion } from "@proven-seat/core/judgement/proof";
import { ProofBasis } from "./entities/bases.ts";
import { Project } from "./entities/project.ts";
import { CatalogueVersion, HouseRuleVersion } from "./entities/versions.ts";

/** A basis of proofs: catalogue revision, house rule version and engine. */
export interface Basis {
  readonly id: number;
  readonly catalogueRevision: number;
  readonly houseRuleVersion: number;
  readonly engine: string;
}

/** The basis with this engine, created where there is none; undefined where there is no such revision or version. */
export async function basisWith(
  em: EntityManager,
  catalogueRevision: number,
  houseRuleVersion: number,
): Promise<Basis | undefined> {
  const named = { catalogueRevision, houseRuleVersion, engine: engineVersion };
  const known = await em.findOne(ProofBasis, named);
  if (known) return known;
  const there =
    (await em.count(CatalogueVersion, { revision: catalogueRevision })) > 0 &&
    (await em.count(HouseRuleVersion, { version: houseRuleVersion })) > 0;
  if (!there) return undefined;
  // Another request may insert it at the same time.
  const unique = ["catalogueRevision", "houseRuleVersion", "engine"] as const;
  await em
    .createQueryBuilder(ProofBasis)
    .insert(named)
    .onConflict([...unique])
    .ignore()
    .execute("run");
  return em.findOneOrFail(ProofBasis, named);
}

/** A basis by its id. */
export const basisNamed = (em: EntityManager, id: number): Promise<Basis> =>
  em.findOneOrFail(ProofBasis, { id });

/** The basis of a project: its pinned revision and version, and this engine. */
export async function basisOfProject(em: EntityManager, project: string): Promise<Basis> {
  const { catalogueRevision, houseRuleVersion } = await em.findOneOrFail(
    Project,
    { id: project },
    { fields: ["catalogueRevision", "houseRuleVersion"], disableIdentityMap: true },
  );
  return (await basisWith(em, catalogueRevision, houseRuleVersion))!;
}
