import { spawnSync } from "node:child_process";
import pg from "pg";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type RoleName, roles, urlFor } from "../../../scripts/database/keys.ts";
import { startTestServer, type TestServer } from "../../test/api.ts";
import { testDatabase } from "../../test/database.ts";
import { chooseBest, issueOf } from "../../test/issuing.ts";
import { workOn } from "../../test/shop-work.ts";
import { rights } from "./rights.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
  // A trigger for each row fires only where there is a row.
  await issueOf(server, await chooseBest(server, "XV-3017"));
  await workOn(server, await server.tagNamed("XV-3017"));
});
afterAll(() => server.end());

const columns = {
  sheet: "revision",
  proof: "engine",
  catalogue_version: "digest",
  house_rule_version: "reason",
  duty_version: "created_by",
  shop_job: "valve",
  shop_event: "who",
  shop_picture: "digest",
};
const history = Object.entries(columns);

describe("history in the database", () => {
  it.each(history)("refuses its owner to change, remove or empty %s", async (table, column) => {
    for (const sql of [
      `update ${table} set ${column} = 'x'`,
      `delete from ${table}`,
      `truncate ${table} cascade`,
    ])
      await expect(server.sql(sql)).rejects.toThrow(/history and is not changed/);
  });
  it.each(history)("gives the application no way to touch %s", async (table, column) => {
    for (const sql of [
      `update ${table} set ${column} = 'x'`,
      `delete from ${table}`,
      `truncate ${table} cascade`,
      `alter table ${table} disable trigger all`,
      `drop trigger ${table}_is_history on ${table}`,
      `drop table ${table} cascade`,
      "create or replace function refuse_change() returns trigger language plpgsql as $$ begin return new; end $$",
      "set session_replication_role = replica",
    ])
      await expect(server.sql(sql, "application"), sql).rejects.toThrow(/permission denied|must be owner/);
  });
  it("gives the application no more than it needs", async () => {
    const { rows } = await server.sql(
      "select rolsuper, rolcreatedb, rolcreaterole, rolreplication, rolbypassrls from pg_roles where rolname = current_user",
      "application",
    );
    expect(Object.values(rows[0])).toEqual([false, false, false, false, false]);
    for (const sql of [
      "create table mine (a int)",
      "create temp table mine (a int)",
      "copy tag to program 'id'",
      "copy tag to '/tmp/tag'",
      "select pg_read_file('/etc/passwd')",
      `set role ${roles.owner}`,
      "delete from mikro_orm_migrations",
    ])
      await expect(server.sql(sql, "application"), sql).rejects.toThrow(
        /permission denied|must be superuser/,
      );
  });
  it("has the rights of every table, so that none is open by default", async () => {
    const { rows } = await server.sql("select tablename from pg_tables where schemaname = 'public'");
    expect(rows.map((r: { tablename: string }) => r.tablename).sort()).toEqual(Object.keys(rights).sort());
  });
  it("comes from migrations that can be taken back and run again", async () => {
    const other = await startTestServer();
    const owner = await other.asOwner();
    await owner.getMigrator().down();
    expect((await other.ask("GET", "/api/health")).status).toBe(503);
    await owner.getMigrator().up();
    expect((await other.ask("GET", "/api/health")).status).toBe(200);
    await owner.close(true);
    await other.end();
  });
});

describe("access to the database", () => {
  const access = inject("database");
  const enter = async (url: string) => {
    const client = new pg.Client({ connectionString: url });
    try {
      await client.connect();
    } finally {
      await client.end().catch(() => undefined);
    }
  };
  it.each(Object.keys(roles) as RoleName[])(
    "refuses the %s with no password and with a wrong one",
    async (role) => {
      const right = new URL(urlFor(access, role));
      await enter(right.href);
      right.password = "";
      await expect(enter(right.href)).rejects.toThrow(/password/);
      right.password = "0".repeat(48);
      await expect(enter(right.href)).rejects.toThrow(/password authentication failed/);
    },
  );
  // Another account of this machine tries to read the keys, which needs such an account.
  it.runIf(process.getuid!() === 0)("keeps the keys from another user of the machine", () => {
    const keys = `${testDatabase}.keys/application`;
    const read = (uid?: number) =>
      spawnSync("cat", [keys], { encoding: "utf8", ...(uid === undefined ? {} : { uid, gid: uid }) });
    expect(read().stdout.trim()).toBe(access.keys.application);
    expect(read(65534)).toMatchObject({ status: 1, stdout: "" });
  });
});
