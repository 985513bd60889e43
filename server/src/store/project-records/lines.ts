import type { EntityManager } from "@mikro-orm/postgresql";
import { rowsOf } from "../sql.ts";
import { type RecordName, selects } from "./selects.ts";

const atOnce = 200;

/** Yields the records of one kind as lines of JSON, in batches, exactly as stored. Needs a transaction. */
export async function* recordLines(
  tx: EntityManager,
  name: RecordName,
  project: string,
): AsyncGenerator<readonly string[]> {
  const select = selects[name];
  const cursor = `record_${name.toLowerCase()}`;
  await rowsOf(
    tx,
    `declare ${cursor} no scroll cursor for
       select json_build_object('${name}', to_jsonb(r))::text as line from (${select}) r`,
    Array(select.split("?").length - 1).fill(project),
  );
  for (;;) {
    const rows = await rowsOf<{ line: string }>(tx, `fetch ${atOnce} from ${cursor}`);
    yield rows.map(({ line }) => line);
    if (rows.length < atOnce) return;
  }
}
