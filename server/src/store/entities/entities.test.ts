import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../../test/api.ts";
import { entities } from "./index.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

const source = fileURLToPath(new URL("../..", import.meta.url));
const files = (readdirSync(source, { recursive: true }) as string[]).filter((name) =>
  /(?<!\.test)\.ts$/.test(name),
);
const decision = readFileSync(join(source, "../../docs/decisions/0013-plain-sql.md"), "utf8");

describe("the store", () => {
  it("has an entity for every table, with every column the database does not compute itself", async () => {
    const { rows } = await server.sql(
      `select c.table_name as table, c.column_name as column from information_schema.columns c
        join information_schema.tables t using (table_schema, table_name)
       where c.table_schema = 'public' and t.table_type = 'BASE TABLE' and c.is_generated = 'NEVER'
         and c.table_name <> 'mikro_orm_migrations'`,
      "owner",
    );
    const inDatabase = rows.map(({ table, column }) => `${table}.${column}`);
    const metadata = server.orm.getMetadata();
    const inEntities = entities.flatMap((entity) => {
      const { tableName, props } = metadata.get(entity.meta.className);
      return props.flatMap(({ fieldNames }) => fieldNames.map((column) => `${tableName}.${column}`));
    });
    expect(inEntities.sort()).toEqual(inDatabase.sort());
  });
  it("is the only place of plain SQL", () => {
    const outside = files.filter(
      (name) =>
        !name.startsWith("store/") &&
        /\browsOf\b|\.execute\("(?!run")/.test(readFileSync(join(source, name), "utf8")),
    );
    expect(outside).toEqual([]);
  });
  it("names the reason for plain SQL of each file in a decision", () => {
    const plain = files.filter(
      (name) =>
        /^store\/(?!migrations\/)/.test(name) &&
        /\browsOf[<(]/.test(readFileSync(join(source, name), "utf8")),
    );
    expect(plain.filter((name) => !decision.includes(`\`${name.slice("store/".length)}\``))).toEqual([]);
  });
});
