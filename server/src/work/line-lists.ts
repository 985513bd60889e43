import type { EntityManager } from "@mikro-orm/postgresql";
import type { ImportResult, importSchema } from "@proven-seat/contract";
import { writeCsv } from "@proven-seat/core/line-list";
import type { z } from "zod";
import type { Project } from "../store/entities/project.ts";
import { Tag } from "../store/entities/tag.ts";
import { projectNamed } from "./projects.ts";
import { Refusal } from "./refusal.ts";
import { addTag, changeTag, presentTag } from "./tags.ts";

/** Imports a list: all of it or nothing. */
export function importTags(
  em: EntityManager,
  projectId: string,
  list: z.infer<typeof importSchema>,
  user: string,
): Promise<ImportResult> {
  return em.transactional(async (tx) => takeIn(tx, await projectNamed(tx, projectId), list, user));
}

/** The line list of a project as CSV that imports back to the same. */
export async function exportTags(em: EntityManager, projectId: string): Promise<string> {
  const tags = await em.find(Tag, { project: projectId }, { orderBy: { number: "asc" } });
  return writeCsv(tags.map(presentTag));
}

async function takeIn(
  em: EntityManager,
  project: Project,
  list: z.infer<typeof importSchema>,
  user: string,
): Promise<ImportResult> {
  const numbers = new Map<string, number>();
  const errors: { field: string; message: string }[] = [];
  list.tags.forEach(({ number }, at) => {
    if (numbers.has(number))
      errors.push({ field: `tags.${at}.number`, message: `${number} stands twice in the list.` });
    numbers.set(number, at);
  });
  const existing = new Map(
    (await em.find(Tag, { project: project.id, number: { $in: [...numbers.keys()] } })).map((tag) => [
      tag.number,
      tag,
    ]),
  );
  if (list.existing === "refuse") {
    for (const number of existing.keys()) {
      errors.push({
        field: `tags.${numbers.get(number)}.number`,
        message: `${number} is already in the project.`,
      });
    }
  }
  if (errors.length > 0) {
    throw new Refusal(
      "tags-exist",
      `${errors[0]!.message}${errors.length > 1 ? ` ${errors.length} tags in all.` : ""} Nothing was imported.`,
      { errors: errors.slice(0, 200) },
    );
  }
  const result = { added: 0, updated: 0, unchanged: 0 };
  for (const listed of list.tags) {
    const tag = existing.get(listed.number);
    if (!tag) {
      addTag(em, project, listed, user);
      result.added++;
    } else if (changeTag(em, tag, { ...listed, choice: tag.choice ?? null }, user)) result.updated++;
    else result.unchanged++;
  }
  await em.flush();
  return result;
}
