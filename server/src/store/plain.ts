import { createHash } from "node:crypto";
import pg from "pg";

/** Single statements on connections of their own, without the mapper. */
export interface Plain {
  query<Row>(sql: string, values: readonly unknown[]): Promise<Row[]>;
  close(): Promise<void>;
}

const types = new pg.TypeOverrides();
// Dates and times as PostgreSQL writes them, as the mapper hands them on.
for (const oid of [1082, 1114, 1184]) types.setTypeParser(oid, (text: string) => text);

interface Statement {
  readonly name: string;
  readonly text: string;
}

/**
 * A pool whose connections prepare each statement once: PostgreSQL then does not parse and plan it for each request,
 * which was a third of the cost of a read.
 */
export function plainSql(connectionString: string): Plain {
  const pool = new pg.Pool({ connectionString, max: 10, types });
  // An idle connection that dies is replaced; one in use fails its statement.
  pool.on("error", () => undefined);
  const known = new Map<string, Statement>();
  const statement = (sql: string): Statement => {
    const cached = known.get(sql);
    if (cached) return cached;
    let n = 0;
    const made = {
      name: createHash("sha1").update(sql).digest("base64url"),
      text: sql.replaceAll("?", () => `$${++n}`),
    };
    known.set(sql, made);
    return made;
  };
  return {
    query: async <Row>(sql: string, values: readonly unknown[]) =>
      (await pool.query({ ...statement(sql), values: values as unknown[] })).rows as Row[],
    close: () => pool.end(),
  };
}
