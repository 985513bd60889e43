import {
  choiceSchema,
  draftContentSchema,
  listMemorySchema,
  newProjectSchema,
  remarksSchema,
  tagContentSchema,
} from "@proven-seat/contract";
import { tagKey } from "@proven-seat/core/basis/text";
import { storedDutySchema, text } from "@proven-seat/core/duty";
import { jobEventSchema, jobKinds, shopPlanSchema } from "@proven-seat/core/outcome/shop";
import { z } from "zod";

const words = text(4000);
const moment = z.iso.datetime({ offset: true });
const signed = { createdAt: moment, createdBy: words };
const own = 'created_at as "createdAt", created_by as "createdBy"';
/** As the database counts. */
const count = z
  .int()
  .min(1)
  .max(2 ** 31 - 1);
const basis = { catalogueRevision: count, houseRuleVersion: count };
const basisColumns = 'catalogue_revision as "catalogueRevision", house_rule_version as "houseRuleVersion"';
/** Checked elsewhere, in whatever format it was written. */
const document = z.record(z.string(), z.unknown());
/** A duty has to be readable, and is kept as it was written. */
const duty = document.superRefine((value, context) => {
  const read = storedDutySchema.safeParse(value);
  if (!read.success) context.addIssue({ code: "custom", message: read.error.issues[0]!.message });
});

/** Records of one kind: what they are in the file, and where they come from. */
export interface RecordKind<Schema extends z.ZodType = z.ZodType> {
  readonly schema: Schema;
  /** Of the project whose id is `?`; columns by the names of the schema. */
  readonly select: string;
}
const kind = <Schema extends z.ZodType>(schema: Schema, select: string): RecordKind<Schema> => ({
  schema,
  select,
});

/** Everything that names a revision or a version. */
const named = `select catalogue_revision, house_rule_version from basis_decision where project_id = ?
  union select catalogue_revision, house_rule_version from project where id = ?
  union select p.catalogue_revision, p.house_rule_version from proof p join tag t on t.id = p.tag_id where t.project_id = ?
  union select b.catalogue_revision, b.house_rule_version from drift_acknowledged a join basis b on b.id = a.basis_id
    join sheet s on s.id = a.sheet_id join tag t on t.id = s.tag_id where t.project_id = ?`;

/** What a project is, in the order in which each needs only what came before it. */
export const recordKinds = {
  catalogue: kind(
    z.strictObject({ revision: count, digest: words, content: document, reason: words, ...signed }),
    `select revision, digest, content, reason, ${own} from catalogue_version
      where revision in (select catalogue_revision from (${named}) n) order by revision`,
  ),
  houseRules: kind(
    z.strictObject({ version: count, content: document, reason: words, ...signed }),
    `select version, content, reason, ${own} from house_rule_version
      where version in (select house_rule_version from (${named}) n) order by version`,
  ),
  decision: kind(
    z.strictObject({ number: count, ...basis, reason: words, ...signed }),
    `select number, ${basisColumns}, reason, ${own} from basis_decision where project_id = ? order by number`,
  ),
  tag: kind(
    z
      .strictObject({
        id: z.uuid(),
        number: tagContentSchema.shape.number,
        numberKey: words,
        service: tagContentSchema.shape.service,
        unit: tagContentSchema.shape.unit,
        duty,
        remarks: remarksSchema,
        dutyVersion: count,
        choice: choiceSchema.nullable(),
        version: count,
        ...signed,
        updatedAt: z.iso.datetime({ offset: true }),
        updatedBy: words,
      })
      // One that an earlier release let be alike to another goes by a key of its own.
      .refine(
        ({ number, numberKey }) =>
          numberKey === tagKey(number) || numberKey.startsWith(`${tagKey(number)} ~ `),
        {
          path: ["numberKey"],
          message: "It is not the key of the number.",
        },
      ),
    `select id, number, number_key as "numberKey", service, unit, duty, remarks, duty_version as "dutyVersion", choice,
            version, ${own}, updated_at as "updatedAt", updated_by as "updatedBy"
       from tag where project_id = ? order by id`,
  ),
  duty: kind(
    z.strictObject({ tag: z.uuid(), version: count, duty, ...signed }),
    `select d.tag_id as tag, d.version, d.duty, d.created_at as "createdAt", d.created_by as "createdBy"
       from duty_version d join tag t on t.id = d.tag_id where t.project_id = ? order by d.tag_id, d.version`,
  ),
  proof: kind(
    z.strictObject({
      id: z.uuid(),
      tag: z.uuid(),
      dutyVersion: count,
      ...basis,
      engine: words,
      digest: words,
      content: document,
      ...signed,
    }),
    `select p.id, p.tag_id as tag, p.duty_version as "dutyVersion", p.${basisColumns.replace(", ", ", p.")},
            p.engine, p.digest, p.content, p.created_at as "createdAt", p.created_by as "createdBy"
       from proof p join tag t on t.id = p.tag_id where t.project_id = ? order by p.created_at, p.id`,
  ),
  sheet: kind(
    z.strictObject({
      id: z.uuid(),
      tag: z.uuid(),
      proof: z.uuid(),
      revision: words,
      content: document,
      issuedAt: z.iso.datetime({ offset: true }),
      issuedBy: words,
    }),
    `select s.id, s.tag_id as tag, s.proof_id as proof, s.revision, s.content, s.issued_at as "issuedAt",
            s.issued_by as "issuedBy"
       from sheet s join tag t on t.id = s.tag_id where t.project_id = ? order by s.issued_at, s.id`,
  ),
  acknowledged: kind(
    z.strictObject({ sheet: z.uuid(), ...basis, engine: words, reason: words, ...signed }),
    `select a.sheet_id as sheet, b.${basisColumns.replace(", ", ", b.")}, b.engine, a.reason,
            a.created_at as "createdAt", a.created_by as "createdBy"
       from drift_acknowledged a join basis b on b.id = a.basis_id join sheet s on s.id = a.sheet_id
       join tag t on t.id = s.tag_id where t.project_id = ? order by a.created_at`,
  ),
  job: kind(
    z.strictObject({
      id: z.uuid(),
      tag: z.uuid(),
      kind: z.enum(jobKinds),
      valve: words,
      plan: shopPlanSchema.nullable(),
      startedAt: moment,
      startedBy: words,
      handedInBy: words,
    }),
    `select j.id, j.tag_id as tag, j.kind, j.valve, j.plan, j.started_at as "startedAt", j.started_by as "startedBy",
            j.handed_in_by as "handedInBy"
       from shop_job j join tag t on t.id = j.tag_id where t.project_id = ? order by j.started_at, j.id`,
  ),
  jobPicture: kind(
    z.strictObject({
      id: z.uuid(),
      job: z.uuid(),
      digest: words,
      jpeg: z.base64().max(12_000_000).startsWith("/9j/", "It is no JPEG."),
      receivedAt: moment,
      handedInBy: words,
    }),
    `select p.id, p.job_id as job, p.digest, replace(encode(p.jpeg, 'base64'), chr(10), '') as jpeg,
            p.received_at as "receivedAt", p.handed_in_by as "handedInBy"
       from shop_picture p join shop_job j on j.id = p.job_id join tag t on t.id = j.tag_id
      where t.project_id = ? order by p.received_at, p.id`,
  ),
  jobEvent: kind(
    z.strictObject({
      ...jobEventSchema.shape,
      at: moment,
      job: z.uuid(),
      receivedAt: moment,
      handedInBy: words,
    }),
    `select e.id, e.job_id as job, e.at, e.who, e.said, e.received_at as "receivedAt", e.handed_in_by as "handedInBy"
       from shop_event e join shop_job j on j.id = e.job_id join tag t on t.id = j.tag_id
      where t.project_id = ? order by e.seq`,
  ),
  draft: kind(
    z.strictObject({ name: words, content: draftContentSchema, ...signed }),
    `select name, content, ${own} from list_draft where project_id = ? order by created_at, id`,
  ),
  memory: kind(
    z.strictObject({
      shape: words,
      content: listMemorySchema,
      updatedAt: z.iso.datetime({ offset: true }),
      updatedBy: words,
    }),
    `select shape, content, updated_at as "updatedAt", updated_by as "updatedBy" from list_memory
      where project_id = ? order by shape`,
  ),
} satisfies Record<string, RecordKind>;

export type RecordName = keyof typeof recordKinds;
export type RecordOf<Name extends RecordName> = z.infer<(typeof recordKinds)[Name]["schema"]>;
export const recordNames = Object.keys(recordKinds) as RecordName[];

/** The first line: what project it is. */
export const headSchema = z.strictObject({
  format: z.string(),
  engine: z.string(),
  takenOutAt: z.string(),
  takenOutBy: z.string(),
  project: newProjectSchema.omit({ copyOf: true }).extend({
    opensOn: z.uuid().nullable(),
    archived: z.boolean(),
    ...basis,
    ...signed,
  }),
});
export type Head = z.infer<typeof headSchema>;

/** The last line: how many of each there are, and the digest of every byte before it. */
export const endSchema = z.strictObject({
  end: z.strictObject({
    counts: z.record(z.string(), z.int().min(0)),
    digest: z.string().regex(/^[0-9a-f]{64}$/),
  }),
});
