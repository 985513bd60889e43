import type { EntityManager } from "@mikro-orm/postgresql";
import { rowsOf } from "../sql.ts";
import type { RecordName } from "./selects.ts";

/** Revisions or versions as they are called in the file, and as they are called here. */
type Called = Readonly<Record<string, number>>;

const revisionOf = `(p.catalogues ->> n."catalogueRevision"::text)::int`;
const versionOf = `(p.rules ->> n."houseRuleVersion"::text)::int`;
const idOf = (column: string) => `brought_id(p.project, n.${column})`;
const signed = `n."createdAt", n."createdBy"`;
const signedTypes = `"createdAt" timestamptz, "createdBy" text`;

/** Columns, table and insert of each kind of record. */
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

export type Taken = keyof typeof into;
export const isTaken = (name: string): name is Taken => Object.hasOwn(into, name);

/** The new id of a record in the imported project; null if the old id is null. */
export async function broughtId(
  em: EntityManager,
  project: string,
  id: string | null,
): Promise<string | null> {
  const [row] = await rowsOf<{ id: string | null }>(em, "select brought_id(?, ?) as id", [project, id]);
  return row!.id;
}

/** Returns a function that inserts records of a file into a project, a batch in one statement. */
export function bringRecords(
  tx: EntityManager,
  project: string,
  called: { catalogues: Called; rules: Called },
) {
  const [revisions, versions] = [JSON.stringify(called.catalogues), JSON.stringify(called.rules)];
  /** @param records an array of lines as JSON */
  return async (kind: Taken, records: string): Promise<void> => {
    const [types, insert] = into[kind];
    const brought = `jsonb_to_recordset((select jsonb_agg(line -> '${kind}') from jsonb_array_elements(?::jsonb) line)) as n (${types})`;
    if (kind === "acknowledged")
      await rowsOf(
        tx,
        `insert into basis (catalogue_revision, house_rule_version, engine)
         select distinct ${revisionOf}, ${versionOf}, n.engine
           from ${brought}, (select ?::jsonb as catalogues, ?::jsonb as rules) p on conflict do nothing`,
        [records, revisions, versions],
      );
    await rowsOf(
      tx,
      `insert into ${insert} from ${brought},
         (select ?::uuid as project, ?::jsonb as catalogues, ?::jsonb as rules) p`,
      [records, project, revisions, versions],
    );
  };
}
