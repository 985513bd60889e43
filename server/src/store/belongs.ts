import type { Belongs } from "@proven-seat/contract";
import { type Reader, rowsOf } from "./sql.ts";

type Kind = NonNullable<Belongs>;

/** Every request needs this. Plain SQL leaves no partly loaded entity in the entity manager of the handler. */
const projectBy: Record<Kind, string> = {
  "in path": "select id from project where id = ?",
  "of tag": "select project_id as id from tag where id = ?",
  "of sheet": "select t.project_id as id from sheet s join tag t on t.id = s.tag_id where s.id = ?",
};

/** Names of kinds of record. */
export const nounOf: Record<Kind, string> = { "in path": "project", "of tag": "tag", "of sheet": "sheet" };

/** The project a record belongs to; null where there is no such record. */
export async function projectOf(db: Reader, kind: Kind, id: string): Promise<string | null> {
  const [found] = await rowsOf<{ id: string }>(db, projectBy[kind], [id]);
  return found?.id ?? null;
}
