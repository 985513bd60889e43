import { randomUUID } from "node:crypto";
import type { EntityManager } from "@mikro-orm/postgresql";
import { readHouseRules } from "@proven-seat/core/basis/house";
import { digestOf } from "@proven-seat/core/judgement/proof";
import { type Reader, rowsOf } from "../store/sql.ts";
import { naming } from "../work/projects.ts";
import { kindOf, linesOf } from "./lines.ts";
import { NoProject } from "./no-project.ts";
import type { ReadProject } from "./read.ts";
import type { RecordName } from "./records.ts";

/** Revisions or versions as they are called in the file, and as they are called here. */
type Called = Readonly<Record<string, number>>;

/** Finds each catalogue by its digest; one that is not here is put beside those that are, and not in force. */
async function catalogues(db: Reader, { catalogues: brought }: ReadProject, from: string): Promise<Called> {
  const called: Record<string, number> = {};
  for (const { revision, digest, content, reason, createdAt, createdBy } of brought) {
    const [known] = await rowsOf<{ revision: number }>(
      db,
      "select revision from catalogue_version where digest = ? order by revision limit 1",
      [digest],
    );
    const [put] = known
      ? [known]
      : await rowsOf<{ revision: number }>(
          db,
          `insert into catalogue_version (revision, digest, content, reason, brought_in, created_at, created_by)
           select max(revision) + 1, ?, ?::jsonb, ?, true, ?, ? from catalogue_version returning revision`,
          [digest, JSON.stringify(content), `${reason} (brought in with ${from})`, createdAt, createdBy],
        );
    called[revision] = put!.revision;
  }
  return called;
}

/** The same of house rules, which are the same where they say the same. */
async function houseRules(db: Reader, { houseRules: brought }: ReadProject, from: string): Promise<Called> {
  const here = await rowsOf<{ version: number; content: unknown }>(
    db,
    "select version, content from house_rule_version order by version",
  );
  const known = new Map(
    here.map(({ version, content }) => [digestOf(readHouseRules(content).values), version]),
  );
  const called: Record<string, number> = {};
  for (const { version, same, content, reason, createdAt, createdBy } of brought) {
    let own = known.get(same);
    if (own === undefined) {
      const [put] = await rowsOf<{ version: number }>(
        db,
        `insert into house_rule_version (version, content, reason, brought_in, created_at, created_by)
         select max(version) + 1, ?::jsonb, ?, true, ?, ? from house_rule_version returning version`,
        [JSON.stringify(content), `${reason} (brought in with ${from})`, createdAt, createdBy],
      );
      own = put!.version;
      known.set(same, own);
    }
    called[version] = own;
  }
  return called;
}

const revisionOf = `(p.catalogues ->> n."catalogueRevision"::text)::int`;
const versionOf = `(p.rules ->> n."houseRuleVersion"::text)::int`;
const idOf = (column: string) => `brought_id(p.project, n.${column})`;
const signed = `n."createdAt", n."createdBy"`;
const signedTypes = `"createdAt" timestamptz, "createdBy" text`;

/** How records of each kind come in: columns they have, table and what is put into it. */
const into: Readonly<
  Record<Exclude<RecordName, "catalogue" | "houseRules">, readonly [types: string, insert: string]>
> = {
  decision: [
    `number int, "catalogueRevision" int, "houseRuleVersion" int, reason text, ${signedTypes}`,
    `basis_decision (project_id, number, catalogue_revision, house_rule_version, reason, created_at, created_by)
     select p.project, n.number, ${revisionOf}, ${versionOf}, n.reason, ${signed}`,
  ],
  tag: [
    `id uuid, number text, "numberKey" text, service text, unit text, duty jsonb, remarks jsonb, "dutyVersion" int,
     choice jsonb, version int, ${signedTypes}, "updatedAt" timestamptz, "updatedBy" text`,
    `tag (id, project_id, number, number_key, service, unit, duty, remarks, duty_version, choice, version, created_at,
       created_by, updated_at, updated_by)
     select ${idOf("id")}, p.project, n.number, n."numberKey", n.service, n.unit, n.duty, n.remarks, n."dutyVersion",
       nullif(n.choice, 'null'), n.version, ${signed}, n."updatedAt", n."updatedBy"`,
  ],
  duty: [
    `tag uuid, version int, duty jsonb, ${signedTypes}`,
    `duty_version (tag_id, version, duty, created_at, created_by)
     select ${idOf("tag")}, n.version, n.duty, ${signed}`,
  ],
  proof: [
    `id uuid, tag uuid, "dutyVersion" int, "catalogueRevision" int, "houseRuleVersion" int, engine text, digest text,
     content jsonb, ${signedTypes}`,
    `proof (id, tag_id, duty_version, catalogue_revision, house_rule_version, engine, digest, content, created_at, created_by)
     select ${idOf("id")}, ${idOf("tag")}, n."dutyVersion", ${revisionOf}, ${versionOf}, n.engine, n.digest, n.content, ${signed}`,
  ],
  sheet: [
    `id uuid, tag uuid, proof uuid, revision text, content jsonb, "issuedAt" timestamptz, "issuedBy" text`,
    `sheet (id, tag_id, proof_id, revision, content, issued_at, issued_by)
     select ${idOf("id")}, ${idOf("tag")}, ${idOf("proof")}, n.revision, n.content, n."issuedAt", n."issuedBy"`,
  ],
  acknowledged: [
    `sheet uuid, "catalogueRevision" int, "houseRuleVersion" int, engine text, reason text, ${signedTypes}`,
    `drift_acknowledged (sheet_id, basis_id, reason, created_at, created_by)
     select ${idOf("sheet")}, (select id from basis b where b.catalogue_revision = ${revisionOf}
       and b.house_rule_version = ${versionOf} and b.engine = n.engine), n.reason, ${signed}`,
  ],
  job: [
    `id uuid, tag uuid, kind text, valve text, plan jsonb, "startedAt" timestamptz, "startedBy" text, "handedInBy" text`,
    `shop_job (id, tag_id, kind, valve, plan, started_at, started_by, handed_in_by)
     select ${idOf("id")}, ${idOf("tag")}, n.kind, n.valve, nullif(n.plan, 'null'), n."startedAt", n."startedBy", n."handedInBy"`,
  ],
  jobPicture: [
    `id uuid, job uuid, digest text, jpeg text, "receivedAt" timestamptz, "handedInBy" text`,
    `shop_picture (id, job_id, digest, jpeg, received_at, handed_in_by)
     select ${idOf("id")}, ${idOf("job")}, n.digest, decode(n.jpeg, 'base64'), n."receivedAt", n."handedInBy"`,
  ],
  jobEvent: [
    `id uuid, job uuid, at timestamptz, who text, said jsonb, "receivedAt" timestamptz, "handedInBy" text`,
    `shop_event (id, job_id, at, who, said, received_at, handed_in_by)
     select ${idOf("id")}, ${idOf("job")}, n.at, n.who,
       case when n.said ->> 'picture' is not null
         then n.said || jsonb_build_object('picture', brought_id(p.project, (n.said ->> 'picture')::uuid))
         else n.said end,
       n."receivedAt", n."handedInBy"`,
  ],
  draft: [
    `name text, content jsonb, ${signedTypes}`,
    `list_draft (id, project_id, name, content, created_at, created_by)
     select gen_random_uuid(), p.project, n.name, n.content, ${signed}`,
  ],
  memory: [
    `shape text, content jsonb, "updatedAt" timestamptz, "updatedBy" text`,
    `list_memory (project_id, shape, content, updated_at, updated_by)
     select p.project, n.shape, n.content, n."updatedAt", n."updatedBy"`,
  ],
};

/** What the checks let through and the database takes for no value of its column, or for one that is there already. */
async function keeping<T>(of: string, write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    if (!/^2[23]/.test(String((error as { code?: unknown }).code))) throw error;
    throw new NoProject(`A ${of} cannot be kept: ${(error as Error).message.split(" - ").at(-1)}.`);
  }
}

type Taken = keyof typeof into;
const isTaken = (name: string): name is Taken => Object.hasOwn(into, name);

/** Records that go to the database at once, by number and by size. */
const atOnce = { records: 500, bytes: 8 * 2 ** 20 } as const;

/** Lines of one kind as they stand in the file, some at a time; the kind is what a line begins with. */
async function* chunksOf(bytes: Uint8Array): AsyncGenerator<{ of: Taken; records: string }> {
  let of: Taken | null = null;
  let lines: string[] = [];
  let size = 0;
  for await (const raw of linesOf(bytes)) {
    const text = raw.toString("utf8").trimEnd();
    const name = kindOf(text) ?? "";
    if (of !== null && (name !== of || lines.length === atOnce.records || size > atOnce.bytes)) {
      yield { of, records: `[${lines.join()}]` };
      lines = [];
      size = 0;
      of = null;
    }
    if (!isTaken(name)) continue;
    of = name;
    lines.push(text);
    size += text.length;
  }
}

/**
 * Brings a project in under a name: all of it or nothing. Its ids are made anew, so that it may come in twice. The file
 * is read again as it was checked: it is never held whole.
 */
export async function bringIn(
  em: EntityManager,
  bytes: Uint8Array,
  read: ReadProject,
  name: string,
): Promise<string> {
  const id = randomUUID();
  const { project } = read.head;
  await em.transactional(async (tx) => {
    // Two at once would count the same next revision.
    await rowsOf(tx, "select pg_advisory_xact_lock(4184)");
    const called = {
      catalogues: JSON.stringify(await catalogues(tx, read, project.name)),
      rules: JSON.stringify(await houseRules(tx, read, project.name)),
    };
    await naming(name, () =>
      rowsOf(
        tx,
        `insert into project (id, name, note, opens_on, defaults, numbering, unit_system, standards, archived, version,
         catalogue_revision, house_rule_version, created_at, created_by)
       values (?, ?, ?, brought_id(?, ?), ?::jsonb, ?, ?, ?, ?, 1, (?::jsonb ->> ?)::int, (?::jsonb ->> ?)::int, ?, ?)`,
        [
          id,
          name,
          project.note,
          id,
          project.opensOn,
          JSON.stringify(project.defaults),
          project.numbering,
          project.unitSystem,
          project.standards,
          project.archived,
          called.catalogues,
          String(project.catalogueRevision),
          called.rules,
          String(project.houseRuleVersion),
          project.createdAt,
          project.createdBy,
        ],
      ),
    );
    for await (const { of, records } of chunksOf(bytes)) {
      const [types, insert] = into[of];
      const brought = `jsonb_to_recordset((select jsonb_agg(line -> '${of}') from jsonb_array_elements(?::jsonb) line)) as n (${types})`;
      if (of === "acknowledged")
        await rowsOf(
          tx,
          `insert into basis (catalogue_revision, house_rule_version, engine)
           select distinct ${revisionOf}, ${versionOf}, n.engine
             from ${brought}, (select ?::jsonb as catalogues, ?::jsonb as rules) p on conflict do nothing`,
          [records, called.catalogues, called.rules],
        );
      await keeping(of, () =>
        rowsOf(
          tx,
          `insert into ${insert} from ${brought},
             (select ?::uuid as project, ?::jsonb as catalogues, ?::jsonb as rules) p`,
          [records, id, called.catalogues, called.rules],
        ),
      );
    }
  });
  return id;
}
