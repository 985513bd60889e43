import type { EntityManager } from "@mikro-orm/postgresql";
import type { TagMarksRow, TagResult } from "@proven-seat/contract";
import { basisOfProject } from "../store/bases.ts";
import { type Page, type PageAsked, pageOf } from "../store/page.ts";
import { tagMarks, tagSummaries } from "../store/tag-results.ts";

/** Marks of every tag of a project that was proved on its basis. */
export async function marksOf(
  em: EntityManager,
  project: string,
  page: PageAsked,
): Promise<Page<TagMarksRow>> {
  const { id } = await basisOfProject(em, project);
  return pageOf(
    await tagMarks(em, project, id, page),
    page,
    ({ number }) => number,
    ({ number: _, ...marks }) => marks,
  );
}

/** Results of some tags of a project. */
export async function summariesOf(
  em: EntityManager,
  project: string,
  ids: readonly string[],
): Promise<TagResult[]> {
  const { id } = await basisOfProject(em, project);
  return tagSummaries(em, project, id, ids);
}
