import { randomUUID } from "node:crypto";
import { UniqueConstraintViolationException } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { NewProject, Project as ProjectDocument, SaveProject } from "@proven-seat/contract";
import type { UnitSystem } from "@proven-seat/core/basis/units";
import { type DutyDefaults, dutyDefaultsSchema } from "@proven-seat/core/duty";
import { copyTags } from "../store/copied-tags.ts";
import { catalogueInForce, currentHouseRules } from "../store/current.ts";
import { keepDecision } from "../store/decisions.ts";
import { Project } from "../store/entities/project.ts";
import { Tag } from "../store/entities/tag.ts";
import { lastOf, limitPlusOne, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { notFound, Refusal } from "./refusal.ts";

const present = (
  {
    id,
    name,
    note,
    opensOn,
    numbering,
    unitSystem,
    standards,
    archived,
    version,
    defaults,
    catalogueRevision,
    houseRuleVersion,
  }: Project,
  tags: number,
): ProjectDocument => ({
  id,
  catalogueRevision,
  houseRuleVersion,
  name,
  note,
  numbering,
  unitSystem: unitSystem as UnitSystem,
  standards,
  archived,
  version,
  tags,
  opensOn: opensOn ?? null,
  defaults: dutyDefaultsSchema().parse(defaults) as DutyDefaults,
});

/** Projects, the oldest first, each with how many tags it has. */
export async function listProjects(em: EntityManager, page: PageAsked): Promise<Page<ProjectDocument>> {
  const last = await lastOf(page, (id) => em.findOne(Project, { id }));
  const found = await em.find(
    Project,
    last
      ? { $or: [{ createdAt: { $gt: last.createdAt } }, { createdAt: last.createdAt, id: { $gt: last.id } }] }
      : {},
    { orderBy: { createdAt: "asc", id: "asc" }, limit: limitPlusOne(page) },
  );
  const tags = new Map(
    await Promise.all(found.map(async ({ id }) => [id, await em.count(Tag, { project: id })] as const)),
  );
  return pageOf(
    found,
    page,
    ({ id }) => id,
    (project) => present(project, tags.get(project.id)!),
  );
}

/** A project with how many tags it has. */
export const presentProject = async (em: EntityManager, project: Project): Promise<ProjectDocument> =>
  present(project, await em.count(Tag, { project: project.id }));

export async function projectNamed(em: EntityManager, id: string): Promise<Project> {
  return (await em.findOne(Project, { id })) ?? Promise.reject(notFound("project"));
}

/** The basis of a project. */
export interface Pinned {
  readonly catalogueRevision: number;
  readonly houseRuleVersion: number;
}

/** Puts a project into the unit of work. */
export function addProject(
  em: EntityManager,
  { copyOf: _, ...content }: NewProject,
  { catalogueRevision, houseRuleVersion }: Pinned,
  user: string,
): Project {
  return em.create(Project, {
    catalogueRevision,
    houseRuleVersion,
    id: randomUUID(),
    opensOn: null,
    archived: false,
    version: 1,
    createdAt: new Date(),
    createdBy: user,
    ...content,
  });
}

/** Tells a duplicate name from other failures of a write. */
export async function naming<T>(name: string, write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    if (
      !(error instanceof UniqueConstraintViolationException) &&
      (error as { code?: string }).code !== "23505"
    )
      throw error;
    throw new Refusal("name-taken", `Project ${name} already exists. Enter another name.`, {
      errors: [{ field: "name", message: "Another project has this name." }],
    });
  }
}

/** Begins a project. */
export function newProject(em: EntityManager, asked: NewProject, user: string): Promise<ProjectDocument> {
  return naming(asked.name, () => begun(em, asked, user));
}

async function newest(em: EntityManager): Promise<Pinned> {
  const { revision } = await catalogueInForce(em);
  return { catalogueRevision: revision, houseRuleVersion: (await currentHouseRules(em)).version };
}

function begun(em: EntityManager, asked: NewProject, user: string): Promise<ProjectDocument> {
  return em.transactional(async (tx) => {
    const from = asked.copyOf === undefined ? null : await projectNamed(tx, asked.copyOf);
    // A copy keeps the basis of its original; an empty one starts with the newest.
    const project = addProject(tx, asked, from ?? (await newest(tx)), user);
    await tx.flush();
    const { id, catalogueRevision, houseRuleVersion, createdAt: time } = project;
    const reason = from ? `Copied from project ${from.name}` : "At creation of the project";
    await keepDecision(tx, { project: id, catalogueRevision, houseRuleVersion, reason, at: time, by: user });
    if (from) await copyTags(tx, from.id, id, time, user);
    return presentProject(tx, project);
  });
}

export const staleProject = ({ name }: Project) =>
  new Refusal("stale", `Project ${name} has changed since you opened it. Reload before you change it.`);

/** Changes a project; a stale change is refused. */
export async function saveProject(
  em: EntityManager,
  id: string,
  { version, ...content }: SaveProject,
): Promise<ProjectDocument> {
  const written = await naming(content.name, () =>
    em.nativeUpdate(Project, { id, version }, { ...content, version: version + 1 }),
  );
  const project = await projectNamed(em, id);
  if (written === 0) throw staleProject(project);
  return presentProject(em, project);
}
