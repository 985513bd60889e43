import type { EntityManager } from "@mikro-orm/postgresql";
import type { Plain } from "./plain.ts";

/** Executor of plain SQL: single connections, or an entity manager with its transaction. */
export type Reader = Pick<Plain, "query"> | Pick<EntityManager, "getConnection" | "getTransactionContext">;

/** Rows of plain SQL, in the current transaction. Question marks stand for the values. */
export const rowsOf = <Row>(db: Reader, sql: string, values: readonly unknown[] = []): Promise<Row[]> =>
  "query" in db
    ? db.query<Row>(sql, values)
    : db.getConnection().execute(sql, values as unknown[], "all", db.getTransactionContext());
