import { createHash } from "node:crypto";
import { IsolationLevel } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import { engineVersion } from "@proven-seat/core/judgement/proof";
import { projectKind } from "@proven-seat/core/outcome/project-file";
import { Project } from "../store/entities/project.ts";
import { recordLines } from "../store/project-records/lines.ts";
import { recordNames } from "../store/project-records/selects.ts";
import type { Head } from "./records.ts";

async function headOf(em: EntityManager, id: string, user: string): Promise<Head> {
  const project = await em.findOneOrFail(Project, { id }, { refresh: true });
  const { name, note, opensOn, defaults, numbering, unitSystem, standards, archived } = project;
  const { catalogueRevision, houseRuleVersion, createdAt, createdBy } = project;
  return {
    format: projectKind.newest,
    engine: engineVersion,
    takenOutAt: new Date().toISOString(),
    takenOutBy: user,
    project: {
      name,
      note,
      opensOn: opensOn ?? null,
      defaults: defaults as Head["project"]["defaults"],
      numbering,
      unitSystem: unitSystem as Head["project"]["unitSystem"],
      standards,
      archived,
      catalogueRevision,
      houseRuleVersion,
      createdAt: createdAt.toISOString(),
      createdBy,
    },
  };
}

/** Yields lines from one snapshot of the database, each as it is stored. */
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
    counts[name] = 0;
    for await (const lines of recordLines(em, name, id)) {
      for (const line of lines) await say(line);
      counts[name] += lines.length;
    }
  }
  await on(`${JSON.stringify({ end: { counts, digest: hash.digest("hex") } })}\n`);
}

/** Takes a project out with everything it is, as lines of JSON; memory does not grow with it. */
export function exportProject(
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
