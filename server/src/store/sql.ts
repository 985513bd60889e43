import type { EntityManager } from "@mikro-orm/postgresql";
import type { Plain } from "./plain.ts";

/** What plain SQL needs: connections for single statements, or an entity manager with the transaction it is in. */
export type Reader = Pick<Plain, "query"> | Pick<EntityManager, "getConnection" | "getTransactionContext">;

/** Rows of plain SQL, in the transaction there is. Values stand where a question mark does. */
export const rowsOf = <Row>(db: Reader, sql: string, values: readonly unknown[] = []): Promise<Row[]> =>
  "query" in db
    ? db.query<Row>(sql, values)
    : db.getConnection().execute(sql, values as unknown[], "all", db.getTransactionContext());
