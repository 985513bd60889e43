import type { EntityManager } from "@mikro-orm/postgresql";

/** What plain SQL needs: a connection, and the transaction where there is one. An entity manager of one's own is more. */
export type Reader = Pick<EntityManager, "getConnection" | "getTransactionContext">;

/** Rows of plain SQL, in the transaction there is. */
export const rowsOf = <Row>(db: Reader, sql: string, values: readonly unknown[] = []): Promise<Row[]> =>
  db.getConnection().execute(sql, values as unknown[], "all", db.getTransactionContext());
