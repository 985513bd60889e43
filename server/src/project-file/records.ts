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
import type { RecordName } from "../store/project-records/selects.ts";

const words = text(4000);
const moment = z.iso.datetime({ offset: true });
const signed = { createdAt: moment, createdBy: words };
/** As the database counts. */
const count = z
  .int()
  .min(1)
  .max(2 ** 31 - 1);
const basis = { catalogueRevision: count, houseRuleVersion: count };
/** Validated elsewhere, in its own format. */
const document = z.record(z.string(), z.unknown());
/** A duty must be readable, and is kept as it was written. */
const duty = document.superRefine((value, context) => {
  const read = storedDutySchema.safeParse(value);
  if (!read.success) context.addIssue({ code: "custom", message: read.error.issues[0]!.message });
});

/** Records of a project, in an order in which each refers only to earlier ones. */
export const recordSchemas = {
  catalogue: z.strictObject({ revision: count, digest: words, content: document, reason: words, ...signed }),
  houseRules: z.strictObject({ version: count, content: document, reason: words, ...signed }),
  decision: z.strictObject({ number: count, ...basis, reason: words, ...signed }),
  tag: z
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
    // A number that an earlier release stored as similar to another has a key of its own.
    .refine(
      ({ number, numberKey }) => numberKey === tagKey(number) || numberKey.startsWith(`${tagKey(number)} ~ `),
      {
        path: ["numberKey"],
        message: "The value is not the key of the number.",
      },
    ),
  duty: z.strictObject({ tag: z.uuid(), version: count, duty, ...signed }),
  proof: z.strictObject({
    id: z.uuid(),
    tag: z.uuid(),
    dutyVersion: count,
    ...basis,
    engine: words,
    digest: words,
    content: document,
    ...signed,
  }),
  sheet: z.strictObject({
    id: z.uuid(),
    tag: z.uuid(),
    proof: z.uuid(),
    revision: words,
    content: document,
    issuedAt: z.iso.datetime({ offset: true }),
    issuedBy: words,
  }),
  acknowledged: z.strictObject({ sheet: z.uuid(), ...basis, engine: words, reason: words, ...signed }),
  job: z.strictObject({
    id: z.uuid(),
    tag: z.uuid(),
    kind: z.enum(jobKinds),
    valve: words,
    plan: shopPlanSchema.nullable(),
    startedAt: moment,
    startedBy: words,
    handedInBy: words,
  }),
  jobPicture: z.strictObject({
    id: z.uuid(),
    job: z.uuid(),
    digest: words,
    jpeg: z.base64().max(12_000_000).startsWith("/9j/", "The picture is not a JPEG."),
    receivedAt: moment,
    handedInBy: words,
  }),
  jobEvent: z.strictObject({
    ...jobEventSchema.shape,
    at: moment,
    job: z.uuid(),
    receivedAt: moment,
    handedInBy: words,
  }),
  draft: z.strictObject({ name: words, content: draftContentSchema, ...signed }),
  memory: z.strictObject({
    shape: words,
    content: listMemorySchema,
    updatedAt: z.iso.datetime({ offset: true }),
    updatedBy: words,
  }),
} satisfies Record<RecordName, z.ZodType>;

export type RecordOf<Name extends RecordName> = z.infer<(typeof recordSchemas)[Name]>;

/** The first line: the project. */
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
