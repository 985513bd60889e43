import type { EntityManager } from "@mikro-orm/postgresql";
import type { ListedTag } from "@proven-seat/core/duty/line-list";
import { type Reader, rowsOf } from "./sql.ts";

/** Headings of the remarks there are in a project, in order. */
export async function remarksIn(db: Reader, project: string): Promise<string[]> {
  const rows = await rowsOf<{ heading: string }>(
    db,
    "select distinct jsonb_object_keys(remarks) as heading from tag where project_id = ? order by 1",
    [project],
  );
  return rows.map(({ heading }) => heading);
}

const atOnce = 500;

/** The tags of a project in batches, in the order of their numbers; at least one batch, even if empty. */
export async function* listedTags(em: EntityManager, project: string): AsyncIterable<ListedTag[]> {
  let after: string | null = null;
  for (;;) {
    const tags: ListedTag[] = await rowsOf(
      em,
      "select number, service, unit, remarks, duty from tag where project_id = ? and (?::text is null or number > ?) order by number limit ?",
      [project, after, after, atOnce],
    );
    if (tags.length > 0 || after === null) yield tags;
    if (tags.length < atOnce) return;
    after = tags.at(-1)!.number;
  }
}
