import type { EntityManager } from "@mikro-orm/postgresql";
import type { ImportResult } from "@proven-seat/contract";
import type { ListedTag } from "@proven-seat/core/duty/line-list";
import type { ReadList } from "../jobs/tasks/read-list.ts";
import { addListed, type MetTag, meetTags, replaceListed } from "../store/listed-tags.ts";
import { type Reader, rowsOf } from "../store/sql.ts";
import { addDraft, removeDraft } from "./drafts.ts";
import { Refusal } from "./refusal.ts";
import { writingNumbers } from "./tags.ts";

type List = Exclude<ReadList, { problem: unknown }>;

/** Imports a list: all of it or nothing. */
export async function importTags(
  em: EntityManager,
  project: string,
  list: List,
  user: string,
): Promise<ImportResult> {
  if ("twice" in list) throw refused("tags-exist", list.twice);
  return writingNumbers("One of the list", () =>
    em.transactional(async (tx) => takeIn(tx, project, list, user)),
  );
}

/** Headings of the remarks there are in a project, in order. */
export async function remarksIn(db: Reader, projectId: string): Promise<string[]> {
  const rows = await rowsOf<{ heading: string }>(
    db,
    "select distinct jsonb_object_keys(remarks) as heading from tag where project_id = ? order by 1",
    [projectId],
  );
  return rows.map(({ heading }) => heading);
}

const listedAtOnce = 500;

/** The tags of a project some at a time, in the order of their numbers; at least once, where there are none. */
export async function* listedTags(em: EntityManager, projectId: string): AsyncIterable<ListedTag[]> {
  let after: string | null = null;
  for (;;) {
    const tags: ListedTag[] = await rowsOf(
      em,
      "select number, service, unit, remarks, duty from tag where project_id = ? and (?::text is null or number > ?) order by number limit ?",
      [projectId, after, after, listedAtOnce],
    );
    if (tags.length > 0 || after === null) yield tags;
    if (tags.length < listedAtOnce) return;
    after = tags.at(-1)!.number;
  }
}

type Faults = readonly { readonly field: string; readonly message: string }[];

const refused = (kind: "tags-exist" | "stale", errors: Faults) =>
  new Refusal(
    kind,
    `${errors[0]!.message}${errors.length > 1 ? ` ${errors.length} tags in all.` : ""} Nothing was imported.`,
    { errors: errors.slice(0, 200) },
  );

type Sound = Exclude<List, { twice: unknown }>;

/** What of the project's own stands in the way of a list. */
function faultsOf(met: readonly MetTag[], { existing, keys, versions }: Sound): Faults {
  const rows = new Map(keys.map((key, at) => [key, at]));
  return met.flatMap((tag) => {
    const at = rows.get(tag.number_key)!;
    if (existing === "refuse")
      return [{ field: `tags.${at}.number`, message: `${tag.number} is already in the project.` }];
    const looked = versions[at];
    if (looked == null || looked === tag.version) return [];
    return [
      {
        field: `tags.${at}.version`,
        message: `${tag.number} was changed by ${tag.updated_by}: it is at version ${tag.version}, and the list replaces version ${looked}.`,
      },
    ];
  });
}

/** Removes tags that a revised list has no more; one that changed since, or has issued sheets, refuses the list. */
async function removeGone(em: EntityManager, project: string, gone: Sound["gone"]): Promise<number> {
  if (gone.length === 0) return 0;
  const asked = JSON.stringify(gone);
  const kept = await rowsOf<{ number: string; sheets: boolean; jobs: boolean }>(
    em,
    `with asked as (select * from jsonb_to_recordset(?::jsonb) as g (id uuid, version int)),
     removed as (
       delete from tag t using asked g
        where t.id = g.id and t.version = g.version and t.project_id = ?
          and not exists (select from sheet s where s.tag_id = t.id)
          and not exists (select from shop_job j where j.tag_id = t.id)
        returning t.id)
     select coalesce(t.number, g.id::text) as number, exists (select from sheet s where s.tag_id = g.id) as sheets,
            exists (select from shop_job j where j.tag_id = g.id) as jobs
       from asked g left join tag t on t.id = g.id where g.id not in (select id from removed)`,
    [asked, project],
  );
  const [first] = kept;
  if (first?.sheets)
    throw new Refusal(
      "has-sheets",
      `Tag ${first.number} has issued sheets and is kept with them. Nothing was imported.`,
    );
  if (first?.jobs)
    throw new Refusal(
      "has-jobs",
      `Tag ${first.number} was worked on and is kept with its jobs. Nothing was imported.`,
    );
  if (first)
    throw new Refusal(
      "stale",
      `Tag ${first.number} was changed or removed since the list was compared with it. Nothing was imported.`,
    );
  return gone.length;
}

async function takeIn(em: EntityManager, project: string, list: Sound, user: string): Promise<ImportResult> {
  // Two lists of one project at once would add the same tags twice or wait for each other's rows in a ring.
  await rowsOf(em, "select pg_advisory_xact_lock(4182, hashtext(?))", [project]);
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
      "A tag of the list was added by somebody else meanwhile. Nothing was imported; look at the list again.",
    );
  if (list.later) await addDraft(em, project, list.later, user);
  if (list.draft !== undefined) await removeDraft(em, project, list.draft);
  const removed = await removeGone(em, project, list.gone);
  return { added, updated, unchanged: met.length - updated, removed };
}
