import type { EntityManager } from "@mikro-orm/postgresql";
import type { Project as ProjectRow } from "@proven-seat/contract";
import { Project } from "../store/entities/project.ts";
import { Tag } from "../store/entities/tag.ts";
import { lastOf, onePast, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { notThere } from "./refusal.ts";

/** Projects, the oldest first, each with how many tags it has. */
export async function listProjects(em: EntityManager, page: PageAsked): Promise<Page<ProjectRow>> {
  const last = await lastOf(page, (id) => em.findOne(Project, { id }));
  const found = await em.find(
    Project,
    last
      ? { $or: [{ createdAt: { $gt: last.createdAt } }, { createdAt: last.createdAt, id: { $gt: last.id } }] }
      : {},
    { orderBy: { createdAt: "asc", id: "asc" }, limit: onePast(page) },
  );
  const tags = new Map(
    await Promise.all(found.map(async ({ id }) => [id, await em.count(Tag, { project: id })] as const)),
  );
  return pageOf(
    found,
    page,
    ({ id }) => id,
    ({ id, name, note, opensOn }) => ({ id, name, note, opensOn: opensOn ?? null, tags: tags.get(id)! }),
  );
}

export async function projectNamed(em: EntityManager, id: string): Promise<Project> {
  return (await em.findOne(Project, { id })) ?? Promise.reject(notThere("project"));
}
