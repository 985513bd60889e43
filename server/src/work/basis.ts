import type { EntityManager } from "@mikro-orm/postgresql";
import type { BasisDecision, MoveOn, Project as ProjectDocument } from "@proven-seat/contract";
import { type Basis, basisOfProject, basisWith } from "../store/bases.ts";
import { keepDecision } from "../store/decisions.ts";
import { Project } from "../store/entities/project.ts";
import { below, onePast, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { type Reader, rowsOf } from "../store/sql.ts";
import { presentProject, projectNamed, staleProject } from "./projects.ts";
import { Refusal } from "./refusal.ts";

interface OtherBasis {
  readonly catalogueRevision?: number | undefined;
  readonly houseRuleVersion?: number | undefined;
}

/** A basis that is asked for: the project's own where it says nothing else. */
export async function basisAskedFor(db: Reader, project: string, asked: OtherBasis): Promise<Basis> {
  const own = await basisOfProject(db, project);
  const revision = asked.catalogueRevision ?? own.catalogueRevision;
  const version = asked.houseRuleVersion ?? own.houseRuleVersion;
  const found = await basisWith(db, revision, version);
  if (!found)
    throw new Refusal(
      "no-such-basis",
      `There is no revision ${revision} of the catalogue or no version ${version} of the house rules.`,
    );
  return found;
}

/** What a project was pinned to, the newest decision first. */
export async function basisDecisions(
  db: Reader,
  project: string,
  page: PageAsked,
): Promise<Page<BasisDecision>> {
  const rows = await rowsOf<Record<string, unknown>>(
    db,
    `select number, catalogue_revision as "catalogueRevision", house_rule_version as "houseRuleVersion", reason,
            created_at as "createdAt", created_by as "createdBy"
       from basis_decision where project_id = ? and number < ? order by number desc limit ?`,
    [project, below(page), onePast(page)],
  );
  return pageOf(
    rows,
    page,
    ({ number }) => number as number,
    (row) => ({
      ...(row as unknown as BasisDecision),
      createdAt: new Date(row.createdAt as string).toISOString(),
    }),
  );
}

/** Pins a project to another revision or version, older ones too; a stale decision is refused. */
export async function moveOn(
  em: EntityManager,
  id: string,
  { version, reason, ...to }: MoveOn,
  user: string,
): Promise<ProjectDocument> {
  return em.transactional(async (tx) => {
    const { catalogueRevision, houseRuleVersion } = await basisAskedFor(tx, id, to);
    const was = await projectNamed(tx, id);
    if (was.catalogueRevision === catalogueRevision && was.houseRuleVersion === houseRuleVersion)
      throw new Refusal("unchanged", `Project ${was.name} is pinned to these already.`);
    const pinned = { catalogueRevision, houseRuleVersion };
    const written = await tx.nativeUpdate(Project, { id, version }, { ...pinned, version: version + 1 });
    if (written === 0) throw staleProject(was);
    await keepDecision(tx, { project: id, ...pinned, reason, at: new Date(), by: user });
    return presentProject(tx, await tx.refreshOrFail(was));
  });
}
