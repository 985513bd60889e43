import { chmodSync, existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { digestOf } from "@proven-seat/core/judgement/proof";
import pg from "pg";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { demoCatalogue } from "../../core/test/demo.ts";
import { sheetOf } from "../../core/test/demo-sheet.ts";
import { build } from "../build.ts";
import { type Database, startDatabase } from "../database/index.ts";
import { urlFor } from "../database/keys.ts";
import { backup, copiesIn, copiesToKeep, copyOfToday, NoCopy, restore } from "./copies.ts";
import { migrateDatabase } from "./server.ts";

const folder = mkdtempSync(join(tmpdir(), "copies-test-"));
chmodSync(folder, 0o755);
const file = join(folder, "all.backup");
let from: Database;
let into: Database;

async function query(database: Database, sql: string, values: unknown[] = []) {
  const client = new pg.Client({ connectionString: urlFor(database.access, "owner") });
  await client.connect();
  try {
    return (await client.query(sql, values)).rows;
  } finally {
    await client.end();
  }
}

const id = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const signed = "'2026-01-01', 'engineer'";

/** One project with one tag and one issued sheet. */
async function fill(database: Database) {
  const sheet = JSON.parse(JSON.stringify(sheetOf("XV-3017")));
  await query(
    database,
    `insert into catalogue_version (revision, digest, content, created_at, created_by) values (1, 'x', '{}', ${signed})`,
  );
  await query(database, `insert into house_rule_version values (1, '{}', 'first', ${signed})`);
  await query(
    database,
    `insert into project (id, name, note, catalogue_revision, house_rule_version, created_at, created_by)
     values ($1, 'Tarn Ness', '', 1, 1, ${signed})`,
    [id(1)],
  );
  await query(
    database,
    `insert into tag values ($1, $2, 'XV-3017', '', '', $3, 1, null, 1, ${signed}, ${signed}, 'XV-3017')`,
    [id(2), id(1), sheet.inputs.duty],
  );
  await query(database, `insert into duty_version values ($1, 1, $2, ${signed})`, [id(2), sheet.inputs.duty]);
  await query(database, `insert into proof values ($1, $2, 1, 1, 1, $3, $4, $5, ${signed})`, [
    id(3),
    id(2),
    sheet.engine,
    sheet.digest,
    sheet.proof,
  ]);
  await query(
    database,
    `insert into sheet (id, tag_id, proof_id, revision, content, issued_at, issued_by) values ($1, $2, $3, 'A', $4, ${signed})`,
    [id(4), id(2), id(3), sheet],
  );
}

beforeAll(async () => {
  build();
  from = await startDatabase(join(folder, "from/database"), { durable: false });
  into = await startDatabase(join(folder, "into/database"), { durable: false });
  migrateDatabase(from.access);
  await fill(from);
});
afterAll(async () => {
  await from.stop();
  await into.stop();
  rmSync(folder, { recursive: true, force: true });
});

const refused = (work: Promise<string>) =>
  work.then(
    () => "",
    (error) => (error instanceof NoCopy ? error.message : String(error)),
  );

describe("a copy of the whole database", () => {
  it("is refused where a record does not match its digest", async () => {
    expect(await refused(backup(from.access, file, false))).toMatch(
      /catalogue revision 1 cannot be read[\s\S]*unchecked/,
    );
    await query(from, "alter table catalogue_version disable trigger user");
  });
  it("is written, checked record by record and readable to nobody else", async () => {
    await query(from, "update catalogue_version set content = $1, digest = $2", [
      demoCatalogue,
      digestOf(demoCatalogue),
    ]);
    await query(from, "alter table catalogue_version enable trigger user");
    expect(await backup(from.access, file, true)).toMatch(/1 tags, 1 sheets proved again/);
    expect(statSync(file).mode & 0o777).toBe(0o600);
    expect(await refused(backup(from.access, file, false))).toMatch(/already exists.*--yes/);
  });
  it("is restored the same elsewhere, with history still protected", async () => {
    expect(await restore(into.access, file, false)).toMatch(/1 sheets proved again/);
    for (const table of ["project", "tag", "duty_version", "proof", "sheet", "catalogue_version"])
      expect(await query(into, `select * from ${table}`), table).toEqual(
        await query(from, `select * from ${table}`),
      );
    await expect(query(into, "delete from sheet")).rejects.toThrow(/history/);
    const application = new pg.Client({ connectionString: urlFor(into.access, "application") });
    await application.connect();
    expect((await application.query("select number from tag")).rows).toEqual([{ number: "XV-3017" }]);
    await expect(application.query("delete from sheet")).rejects.toThrow(/denied/);
    await application.end();
  });
  it("replaces existing data only on request, and keeps them", async () => {
    await query(into, "update tag set service = 'since then'");
    expect(await refused(restore(into.access, file, false))).toMatch(/already has 1 project.*--yes/);
    expect(await query(into, "select service from tag")).toEqual([{ service: "since then" }]);
    const message = await restore(into.access, file, true);
    const before = /kept in the database (\w+)/.exec(message)![1]!;
    expect(await query(into, "select service from tag")).toEqual([{ service: "" }]);
    const kept = new pg.Client({ connectionString: urlFor(into.access, "owner", before) });
    await kept.connect();
    expect((await kept.query("select service from tag")).rows).toEqual([{ service: "since then" }]);
    await kept.end();
  });
  it("that is broken or altered changes nothing", async () => {
    const broken = join(folder, "broken.backup");
    writeFileSync(broken, readFileSync(file).subarray(0, 5000));
    expect(await refused(restore(into.access, broken, true))).toMatch(/pg_restore failed/);
    expect(await refused(restore(into.access, join(folder, "none.backup"), true))).toMatch(/does not exist/);
    await query(from, "alter table sheet disable trigger user");
    await query(from, `update sheet set content = jsonb_set(content, '{inputs,duty,dn}', '80')`);
    await query(from, "alter table sheet enable trigger user");
    const altered = join(folder, "altered.backup");
    expect(await refused(backup(from.access, altered, false))).toMatch(
      /sheet XV-3017, revision A does not match its digest/,
    );
    expect(existsSync(altered)).toBe(false);
    expect(await refused(restore(into.access, `${altered}.unchecked`, true))).toMatch(
      /does not match its digest/,
    );
    expect(await query(into, "select number from tag")).toEqual([{ number: "XV-3017" }]);
  });
  it("are as many as the setting, and none at zero", async () => {
    expect(await copiesToKeep(from.access)).toBe(14);
    await query(from, "update keeping set copies = 0");
    expect(await copiesToKeep(from.access)).toBe(0);
    const none = join(folder, "none");
    expect(copyOfToday(from.access, none, 0, new Date())).toBeNull();
    expect(copiesIn(none)).toEqual([]);
  });
  it("of each day is made once, and replaces the oldest", () => {
    const copies = join(folder, "copies");
    const day = (n: number) => new Date(Date.UTC(2026, 0, n, 12));
    for (let n = 1; n <= 4; n++) {
      expect(copyOfToday(from.access, copies, 3, day(n))).toBe(`2026-01-0${n}.backup`);
      expect(copyOfToday(from.access, copies, 3, day(n))).toBeNull();
    }
    expect(copiesIn(copies)).toEqual(["2026-01-02.backup", "2026-01-03.backup", "2026-01-04.backup"]);
    expect(existsSync(join(copies, "2026-01-04.backup.part"))).toBe(false);
  });
});
