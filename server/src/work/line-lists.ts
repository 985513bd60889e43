import type { EntityManager } from "@mikro-orm/postgresql";
import type { ImportResult } from "@proven-seat/contract";
import type { ReadList } from "../jobs/tasks/read-list.ts";
import { addListed, type MetTag, meetTags, removeListed, replaceListed } from "../store/listed-tags.ts";
import { takeTurn } from "../store/locks.ts";
import { addDraft, removeDraft } from "./drafts.ts";
import { Refusal } from "./refusal.ts";
import { writingNumbers } from "./tags.ts";

type List = Exclude<ReadList, { problem: unknown }>;

/** Imports a list, all of it or nothing. */
export async function importTags(
  em: EntityManager,
  project: string,
  list: List,
  user: string,
): Promise<ImportResult> {
  if ("twice" in list) throw refused("tags-exist", list.twice);
  return writingNumbers("One of the list", () =>
    em.transactional(async (tx) => storeList(tx, project, list, user)),
  );
}

type Faults = readonly { readonly field: string; readonly message: string }[];

const refused = (kind: "tags-exist" | "stale", errors: Faults) =>
  new Refusal(
    kind,
    `${errors[0]!.message}${errors.length > 1 ? ` ${errors.length} tags in all.` : ""} Nothing was imported.`,
    { errors: errors.slice(0, 200) },
  );

type Sound = Exclude<List, { twice: unknown }>;

/** Reasons in the project why a list cannot be imported. */
function faultsOf(met: readonly MetTag[], { existing, keys, versions }: Sound): Faults {
  const rows = new Map(keys.map((key, index) => [key, index]));
  return met.flatMap((tag) => {
    const index = rows.get(tag.number_key)!;
    if (existing === "refuse")
      return [{ field: `tags.${index}.number`, message: `${tag.number} is already in the project.` }];
    const looked = versions[index];
    if (looked == null || looked === tag.version) return [];
    return [
      {
        field: `tags.${index}.version`,
        message: `${tag.number} was changed by ${tag.updated_by}: it is at version ${tag.version}, and the list replaces version ${looked}.`,
      },
    ];
  });
}

/**
 * Removes tags that are no longer in a revised list; if one changed since, or has issued sheets, the list is refused.
 */
async function removeGone(em: EntityManager, project: string, gone: Sound["gone"]): Promise<number> {
  if (gone.length === 0) return 0;
  const kept = await removeListed(em, project, gone);
  const [first] = kept;
  if (first?.sheets)
    throw new Refusal(
      "has-sheets",
      `Tag ${first.number} has issued sheets and cannot be removed. Nothing was imported.`,
    );
  if (first?.jobs)
    throw new Refusal(
      "has-jobs",
      `Tag ${first.number} has jobs and cannot be removed. Nothing was imported.`,
    );
  if (first)
    throw new Refusal(
      "stale",
      `Tag ${first.number} was changed or removed since the list was compared with it. Nothing was imported.`,
    );
  return gone.length;
}

async function storeList(
  em: EntityManager,
  project: string,
  list: Sound,
  user: string,
): Promise<ImportResult> {
  // Two lists of one project at once would add the same tags twice or deadlock on each other's rows.
  await takeTurn(em, "lists of a project", project);
  const met = await meetTags(em, project, list.keys);
  const faults = faultsOf(met, list);
  if (faults.length > 0) throw refused(list.existing === "refuse" ? "tags-exist" : "stale", faults);
  const signed = { project, at: new Date(), by: user };
  let [added, updated] = [0, 0];
  for (const rows of list.chunks) {
    if (met.length > 0) updated += await replaceListed(em, rows, signed);
    added += await addListed(em, rows, signed);
  }
  if (added !== list.keys.length - met.length)
    throw new Refusal(
      "tags-exist",
      "Another user added a tag of the list in the meantime. Nothing was imported. Check the list again.",
    );
  if (list.later) await addDraft(em, project, list.later, user);
  if (list.draft !== undefined) await removeDraft(em, project, list.draft);
  const removed = await removeGone(em, project, list.gone);
  return { added, updated, unchanged: met.length - updated, removed };
}
