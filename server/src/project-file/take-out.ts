import { createHash } from "node:crypto";
import { IsolationLevel } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import { engineVersion } from "@proven-seat/core/judgement/proof";
import { projectKind } from "@proven-seat/core/outcome/project-file";
import { rowsOf } from "../store/sql.ts";
import { type Head, recordKinds, recordNames } from "./records.ts";

const atOnce = 200;

async function headOf(em: EntityManager, id: string, user: string): Promise<Head> {
  const [row] = await rowsOf<{ project: Head["project"] }>(
    em,
    `select to_jsonb(p) as project from (
       select name, note, opens_on as "opensOn", defaults, numbering, unit_system as "unitSystem", standards, archived,
              catalogue_revision as "catalogueRevision", house_rule_version as "houseRuleVersion",
              created_at as "createdAt", created_by as "createdBy" from project where id = ?) p`,
    [id],
  );
  return {
    format: projectKind.newest,
    engine: engineVersion,
    takenOutAt: new Date().toISOString(),
    takenOutBy: user,
    project: row!.project,
  };
}

/** Hands on lines of one moment of the database, each written as it is stored. */
async function readLines(
  em: EntityManager,
  id: string,
  user: string,
  on: (line: string) => Promise<void>,
): Promise<void> {
  const hash = createHash("sha256");
  const counts: Record<string, number> = {};
  const say = async (line: string) => {
    const whole = `${line}\n`;
    hash.update(whole);
    await on(whole);
  };
  await say(JSON.stringify(await headOf(em, id, user)));
  for (const name of recordNames) {
    const { select } = recordKinds[name];
    const marks = select.split("?").length - 1;
    await rowsOf(
      em,
      `declare record_${name.toLowerCase()} no scroll cursor for
         select json_build_object('${name}', to_jsonb(r))::text as line from (${select}) r`,
      Array(marks).fill(id),
    );
    counts[name] = 0;
    for (;;) {
      const rows = await rowsOf<{ line: string }>(em, `fetch ${atOnce} from record_${name.toLowerCase()}`);
      for (const { line } of rows) await say(line);
      counts[name] += rows.length;
      if (rows.length < atOnce) break;
    }
  }
  await on(`${JSON.stringify({ end: { counts, digest: hash.digest("hex") } })}\n`);
}

/** Takes a project out with everything it is, as lines of JSON; memory does not grow with it. */
export function takeOut(
  em: EntityManager,
  id: string,
  user: string,
  on: (line: string) => Promise<void>,
): Promise<void> {
  return em.transactional((tx) => readLines(tx, id, user, on), {
    isolationLevel: IsolationLevel.REPEATABLE_READ,
    readOnly: true,
  });
}
