import { LockMode } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { ImportResult, importSchema } from "@proven-seat/contract";
import type { ListedTag } from "@proven-seat/core/line-list";
import { tagKey } from "@proven-seat/core/text";
import type { z } from "zod";
import type { Project } from "../store/entities/project.ts";
import { Tag } from "../store/entities/tag.ts";
import { rowsOf } from "../store/sql.ts";
import { projectNamed } from "./projects.ts";
import { Refusal } from "./refusal.ts";
import { addTag, changeTag, writingNumbers } from "./tags.ts";

/** Imports a list: all of it or nothing. */
export function importTags(
  em: EntityManager,
  projectId: string,
  list: z.infer<typeof importSchema>,
  user: string,
): Promise<ImportResult> {
  return writingNumbers("One of the list", () =>
    em.transactional(async (tx) => takeIn(tx, await projectNamed(tx, projectId), list, user)),
  );
}

const listedAtOnce = 500;

/** The tags of a project some at a time, in the order of their numbers; at least once, where there are none. */
export async function* listedTags(em: EntityManager, projectId: string): AsyncIterable<ListedTag[]> {
  let after: string | null = null;
  for (;;) {
    const tags: ListedTag[] = await rowsOf(
      em,
      "select number, service, unit, duty from tag where project_id = ? and (?::text is null or number > ?) order by number limit ?",
      [projectId, after, after, listedAtOnce],
    );
    if (tags.length > 0 || after === null) yield tags;
    if (tags.length < listedAtOnce) return;
    after = tags.at(-1)!.number;
  }
}

type Listed = z.infer<typeof importSchema>["tags"][number];

/** Rows by key, and what stands twice: numbers alike to the eye are one. */
function byKey(tags: readonly Listed[], errors: Faults): Map<string, { tag: Listed; at: number }> {
  const rows = new Map<string, { tag: Listed; at: number }>();
  tags.forEach((tag, at) => {
    const key = tagKey(tag.number);
    const first = rows.get(key);
    if (first)
      errors.push({
        field: `tags.${at}.number`,
        message: `${tag.number} stands twice in the list${first.tag.number === tag.number ? "" : `, the other time as ${first.tag.number}`}.`,
      });
    else rows.set(key, { tag, at });
  });
  return rows;
}

type Faults = { field: string; message: string }[];

/** What of the project's own stands in the way of a list. */
function faultsOfExisting(
  existing: readonly Tag[],
  rows: ReturnType<typeof byKey>,
  mode: "refuse" | "update",
): Faults {
  return existing.flatMap((tag) => {
    const { tag: listed, at } = rows.get(tag.numberKey)!;
    if (mode === "refuse")
      return [{ field: `tags.${at}.number`, message: `${tag.number} is already in the project.` }];
    if (listed.version === undefined || listed.version === tag.version) return [];
    return [
      {
        field: `tags.${at}.version`,
        message: `${tag.number} was changed by ${tag.updatedBy}: it is at version ${tag.version}, and the list replaces version ${listed.version}.`,
      },
    ];
  });
}

const refused = (kind: "tags-exist" | "stale", errors: Faults) =>
  new Refusal(
    kind,
    `${errors[0]!.message}${errors.length > 1 ? ` ${errors.length} tags in all.` : ""} Nothing was imported.`,
    { errors: errors.slice(0, 200) },
  );

async function takeIn(
  em: EntityManager,
  project: Project,
  list: z.infer<typeof importSchema>,
  user: string,
): Promise<ImportResult> {
  // Two lists of one project at once would add the same tags twice or wait for each other's rows in a ring.
  await em
    .getConnection()
    .execute(
      "select pg_advisory_xact_lock(4182, hashtext(?))",
      [project.id],
      "run",
      em.getTransactionContext(),
    );
  const twice: Faults = [];
  const rows = byKey(list.tags, twice);
  if (twice.length > 0) throw refused("tags-exist", twice);
  const found = await em.find(
    Tag,
    { project: project.id, numberKey: { $in: [...rows.keys()] } },
    { lockMode: LockMode.PESSIMISTIC_WRITE, orderBy: { numberKey: "asc" } },
  );
  const faults = faultsOfExisting(found, rows, list.existing);
  if (faults.length > 0) throw refused(list.existing === "refuse" ? "tags-exist" : "stale", faults);
  const existing = new Map(found.map((tag) => [tag.numberKey, tag]));
  const result = { added: 0, updated: 0, unchanged: 0 };
  for (const [key, { tag: listed }] of rows) {
    const tag = existing.get(key);
    if (!tag) {
      addTag(em, project, listed, user);
      result.added++;
    } else if (changeTag(em, tag, { ...listed, number: tag.number, choice: tag.choice ?? null }, user))
      result.updated++;
    else result.unchanged++;
  }
  await em.flush();
  return result;
}
