/** Compares the stored data after a round of faults with everything acknowledged. */
import { spawnSync } from "node:child_process";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import pg from "pg";
import { keysOf, urlFor } from "../database/keys.ts";
import { readRunning } from "../start/running.ts";
import type { Ledger } from "./writers.ts";

const verifier = fileURLToPath(new URL("../../server/dist/verify.js", import.meta.url));

/** Records differences from what was acknowledged. */
export async function compare(data: string, ledger: Ledger): Promise<void> {
  const running = readRunning(join(data, "running.json"))!;
  const access = { port: running.databasePort!, keys: keysOf(join(data, "database")).keys };
  const client = new pg.Client({ connectionString: urlFor(access, "owner") });
  await client.connect();
  try {
    for (const [id, versions] of ledger.saves) {
      const { rows: history } = await client.query(
        "select duty -> 'fluid' ->> 'name' as service from duty_version where tag_id = $1",
        [id],
      );
      const kept = new Set(history.map((r) => r.service));
      for (const [version, service] of versions)
        if (!kept.has(service))
          ledger.wrong.push(`version ${version} of ${id} was acknowledged and is not there`);
      const last = Math.max(...versions.keys());
      const { rows } = await client.query("select version, service from tag where id = $1", [id]);
      if (rows[0].version < last || (rows[0].version === last && rows[0].service !== versions.get(last)))
        ledger.wrong.push(`${id} stands at ${rows[0].version}, and ${last} was acknowledged`);
    }
    const { rows: there } = await client.query("select number from tag");
    const present = new Set(there.map((r) => r.number));
    for (const { numbers: list, acknowledged } of ledger.lists) {
      const count = list.filter((n) => present.has(n)).length;
      if (count !== list.length && (acknowledged || count > 0))
        ledger.wrong.push(
          `list ${list[0]}: ${count} of ${list.length} are there, acknowledged: ${acknowledged}`,
        );
    }
    const { rows: unproved } = await client.query(
      `select t.number from tag t join project p on p.id = t.project_id
        where p.opens_on is not null and not exists (select from tag_result r where r.tag_id = t.id and r.tag_version = t.version)`,
    );
    if (unproved.length > 0) ledger.wrong.push(`${unproved.length} tags have no current result`);
    const { rows: open } = await client.query("select id from proving where state = 'under way'");
    if (open.length > 0) ledger.wrong.push(`${open.length} provings never ended`);
    const { rows: sheets } = await client.query("select id, asked_with from sheet");
    const issued = new Set(sheets.map((r) => r.id));
    for (const id of ledger.sheets) if (!issued.has(id)) ledger.wrong.push(`sheet ${id} is not there`);
    const keys = sheets.map((r) => r.asked_with);
    if (new Set(keys).size !== keys.length) ledger.wrong.push("a key gave two sheets");
  } finally {
    await client.end();
  }
  const { stdout } = spawnSync(process.execPath, [verifier], {
    encoding: "utf8",
    env: { ...process.env, DATABASE_URL: urlFor(access, "owner") },
  });
  ledger.wrong.push(...(JSON.parse(stdout) as { faults: string[] }).faults);
}
