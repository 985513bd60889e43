import type { EntityManager } from "@mikro-orm/postgresql";

/** Rows of plain SQL, in the transaction there is. */
export const rowsOf = <Row>(
  em: EntityManager,
  sql: string,
  values: readonly unknown[] = [],
): Promise<Row[]> => em.getConnection().execute(sql, values as unknown[], "all", em.getTransactionContext());
