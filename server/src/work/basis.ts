import type { EntityManager } from "@mikro-orm/postgresql";
import type { BasisDecision, MoveOn, Project as ProjectDocument } from "@proven-seat/contract";
import { type Basis, basisOfProject, basisWith } from "../store/bases.ts";
import { keepDecision } from "../store/decisions.ts";
import { PinnedBasis } from "../store/entities/bases.ts";
import { Project } from "../store/entities/project.ts";
import { below, limitPlusOne, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { presentProject, projectNamed, staleProject } from "./projects.ts";
import { Refusal } from "./refusal.ts";

interface OtherBasis {
  readonly catalogueRevision?: number | undefined;
  readonly houseRuleVersion?: number | undefined;
}

/** A requested basis: the project's own where nothing else is given. */
export async function basisAskedFor(em: EntityManager, project: string, asked: OtherBasis): Promise<Basis> {
  const own = await basisOfProject(em, project);
  const revision = asked.catalogueRevision ?? own.catalogueRevision;
  const version = asked.houseRuleVersion ?? own.houseRuleVersion;
  const found = await basisWith(em, revision, version);
  if (!found)
    throw new Refusal(
      "no-such-basis",
      `Catalogue revision ${revision} or house rules version ${version} does not exist.`,
    );
  return found;
}

/** The bases of a project, the newest decision first. */
export async function basisDecisions(
  em: EntityManager,
  project: string,
  page: PageAsked,
): Promise<Page<BasisDecision>> {
  const found = await em.find(
    PinnedBasis,
    { projectId: project, number: { $lt: below(page) } },
    { orderBy: { number: "desc" }, limit: limitPlusOne(page) },
  );
  return pageOf(
    found,
    page,
    ({ number }) => number,
    ({ number, catalogueRevision, houseRuleVersion, reason, createdAt, createdBy }) => ({
      number,
      catalogueRevision,
      houseRuleVersion,
      reason,
      createdAt: createdAt.toISOString(),
      createdBy,
    }),
  );
}

/** Pins a project to another revision or version, also to an older one; a stale decision is refused. */
export async function changeBasis(
  em: EntityManager,
  id: string,
  { version, reason, ...to }: MoveOn,
  user: string,
): Promise<ProjectDocument> {
  return em.transactional(async (tx) => {
    const { catalogueRevision, houseRuleVersion } = await basisAskedFor(tx, id, to);
    const was = await projectNamed(tx, id);
    if (was.catalogueRevision === catalogueRevision && was.houseRuleVersion === houseRuleVersion)
      throw new Refusal("unchanged", `Project ${was.name} already uses these.`);
    const pinned = { catalogueRevision, houseRuleVersion };
    const written = await tx.nativeUpdate(Project, { id, version }, { ...pinned, version: version + 1 });
    if (written === 0) throw staleProject(was);
    await keepDecision(tx, { project: id, ...pinned, reason, at: new Date(), by: user });
    return presentProject(tx, await tx.refreshOrFail(was));
  });
}
