import { randomUUID } from "node:crypto";
import type { EntityManager } from "@mikro-orm/postgresql";
import { readHouseRules } from "@proven-seat/core/basis/house";
import { digestOf } from "@proven-seat/core/judgement/proof";
import { Project } from "../store/entities/project.ts";
import { CatalogueVersion, HouseRuleVersion } from "../store/entities/versions.ts";
import { takeTurn } from "../store/locks.ts";
import { bringRecords, broughtId, isTaken, type Taken } from "../store/project-records/bring.ts";
import { naming } from "../work/projects.ts";
import { kindOf, linesOf } from "./lines.ts";
import { NoProject } from "./no-project.ts";
import type { ReadProject } from "./read.ts";

/** Revisions or versions as they are called in the file, and as they are called here. */
type Called = Readonly<Record<string, number>>;

/** Finds each catalogue by its digest; a missing one is added without putting it in force. */
async function catalogues(
  em: EntityManager,
  { catalogues: brought }: ReadProject,
  from: string,
): Promise<Called> {
  const called: Record<string, number> = {};
  for (const { revision, digest, content, reason, createdAt, createdBy } of brought) {
    const [known] = await em.find(
      CatalogueVersion,
      { digest },
      { orderBy: { revision: "asc" }, limit: 1, fields: ["revision"] },
    );
    called[revision] = known?.revision ?? (await nextRevision(em));
    if (known) continue;
    await em.insert(CatalogueVersion, {
      revision: called[revision],
      digest,
      content,
      reason: `${reason} (imported with ${from})`,
      broughtIn: true,
      createdAt: new Date(createdAt),
      createdBy,
    });
  }
  return called;
}

const nextRevision = async (em: EntityManager) => {
  const [last] = await em.find(
    CatalogueVersion,
    {},
    { orderBy: { revision: "desc" }, limit: 1, fields: ["revision"], disableIdentityMap: true },
  );
  return last!.revision + 1;
};

/** Finds house rules by their values; adds those that are not here, not in force. */
async function houseRules(
  em: EntityManager,
  { houseRules: brought }: ReadProject,
  from: string,
): Promise<Called> {
  const here = await em.find(HouseRuleVersion, {}, { orderBy: { version: "asc" } });
  const known = new Map(
    here.map(({ version, content }) => [digestOf(readHouseRules(content).values), version]),
  );
  let last = here.at(-1)!.version;
  const called: Record<string, number> = {};
  for (const { version, same, content, reason, createdAt, createdBy } of brought) {
    let own = known.get(same);
    if (own === undefined) {
      own = ++last;
      await em.insert(HouseRuleVersion, {
        version: own,
        content,
        reason: `${reason} (imported with ${from})`,
        broughtIn: true,
        createdAt: new Date(createdAt),
        createdBy,
      });
      known.set(same, own);
    }
    called[version] = own;
  }
  return called;
}

/** Errors for values that pass the checks and the database refuses, or that exist already. */
async function keeping<T>(what: string, write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    if (!/^2[23]/.test(String((error as { code?: unknown }).code))) throw error;
    throw new NoProject(`A ${what} cannot be kept: ${(error as Error).message.split(" - ").at(-1)}.`);
  }
}

/** Records that go to the database at once, by number and by size. */
const atOnce = { records: 500, bytes: 8 * 2 ** 20 } as const;

/** Lines of one kind in batches; the beginning of a line names its kind. */
async function* chunksOf(bytes: Uint8Array): AsyncGenerator<{ kind: Taken; records: string }> {
  let kind: Taken | null = null;
  let lines: string[] = [];
  let size = 0;
  for await (const raw of linesOf(bytes)) {
    const text = raw.toString("utf8").trimEnd();
    const name = kindOf(text) ?? "";
    if (kind !== null && (name !== kind || lines.length === atOnce.records || size > atOnce.bytes)) {
      yield { kind, records: `[${lines.join()}]` };
      lines = [];
      size = 0;
      kind = null;
    }
    if (!isTaken(name)) continue;
    kind = name;
    lines.push(text);
    size += text.length;
  }
}

/**
 * Imports a project under a name, all of it or nothing. Its ids are new, so that it can be imported twice. The file is
 * read again as it was checked: it is never held as a whole.
 */
export async function importProject(
  em: EntityManager,
  bytes: Uint8Array,
  read: ReadProject,
  name: string,
): Promise<string> {
  const id = randomUUID();
  const { project } = read.head;
  await em.transactional(async (tx) => {
    // Two at once would count the same next revision.
    await takeTurn(tx, "projects brought in");
    const called = {
      catalogues: await catalogues(tx, read, project.name),
      rules: await houseRules(tx, read, project.name),
    };
    const opensOn = await broughtId(tx, id, project.opensOn);
    await naming(name, () =>
      tx.insert(Project, {
        id,
        name,
        note: project.note,
        opensOn,
        defaults: project.defaults,
        numbering: project.numbering,
        unitSystem: project.unitSystem,
        standards: project.standards,
        archived: project.archived,
        version: 1,
        catalogueRevision: called.catalogues[project.catalogueRevision]!,
        houseRuleVersion: called.rules[project.houseRuleVersion]!,
        createdAt: new Date(project.createdAt),
        createdBy: project.createdBy,
      }),
    );
    const put = bringRecords(tx, id, called);
    for await (const { kind, records } of chunksOf(bytes)) await keeping(kind, () => put(kind, records));
  });
  return id;
}
