import type { EntityManager } from "@mikro-orm/postgresql";
import { rowsOf } from "./sql.ts";

/** Results of a project, with the tags they belong to. */
const resultsOf = {
  tags: "tag_result r join tag t on t.id = r.tag_id",
  sheets: "sheet_result r join sheet s on s.id = r.sheet_id join tag t on t.id = s.tag_id",
} as const;

/** Makes the question whether tags or sheets of a project got a result by a basis after a time of the database. */
export const resultsSince =
  (what: keyof typeof resultsOf) =>
  async (em: EntityManager, project: string, basis: number, since: string): Promise<boolean> => {
    const [row] = await rowsOf<{ found: boolean }>(
      em,
      `select exists (select from ${resultsOf[what]}
        where t.project_id = ? and r.basis_id = ? and r.proved_at > ?) as found`,
      [project, basis, since],
    );
    return row!.found;
  };
