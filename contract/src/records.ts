import { houseRulesSchema } from "@proven-seat/core/basis/house";
import { storedDutySchema, text } from "@proven-seat/core/duty";
import { type Catalogue, catalogueSchema } from "@proven-seat/core/equipment/catalogue";
import { z } from "zod";

export const trimmed = (maximum: number) => text(maximum, z.string().trim());
export const tagNumberSchema = trimmed(40).min(1, "Enter a tag number.");

/** The candidate an engineer has picked for a tag, and why when it does not hold. */
export const choiceSchema = z.strictObject({
  valve: text(300).min(1),
  drive: text(200).nullable(),
  notes: trimmed(2000).default(""),
  overrideReason: trimmed(1000).nullable().default(null),
});

/** Texts of a list that are not part of a duty, by their headings. */
export const remarksSchema = z
  .record(text(200).min(1), text(1000))
  .refine((remarks) => Object.keys(remarks).length <= 60, "A tag can have at most 60 remarks.");

/** Content of a tag that a user edits. */
export const tagContentSchema = z.strictObject({
  number: tagNumberSchema,
  service: trimmed(120).default(""),
  unit: trimmed(60).default(""),
  /** In any version; the newest is stored. */
  duty: storedDutySchema,
  choice: choiceSchema.nullable().default(null),
  remarks: remarksSchema.optional(),
});

export const tagSchema = tagContentSchema.extend({
  remarks: remarksSchema,
  id: z.uuid(),
  projectId: z.uuid(),
  version: z.number().int(),
  dutyVersion: z.number().int(),
  updatedAt: z.string(),
  updatedBy: z.string(),
});

/** A saved tag is sent with the version it was read at; remarks that it leaves out stay as they are. */
export const saveTagSchema = tagContentSchema.extend({ version: z.number().int() });

/** A tag as a line of the line-up. */
export const tagRowSchema = z.object({
  id: z.uuid(),
  number: z.string(),
  service: z.string(),
  unit: z.string(),
  dn: z.number().nullable(),
  lineDesignation: z.string().nullable(),
  version: z.number().int(),
  choice: choiceSchema.nullable(),
  sheet: z.object({ id: z.uuid(), revision: z.string() }).nullable(),
  /** Left out where there are none. */
  remarks: remarksSchema.optional(),
});

/** Typed by name: the inferred type would spell out every part of a catalogue in the declarations of each endpoint. */
const catalogue: z.ZodType<Catalogue> = catalogueSchema;

export const catalogueVersionSchema = z.object({
  revision: z.number().int(),
  digest: z.string(),
  createdAt: z.string(),
  createdBy: z.string(),
  catalogue,
});

/** A revision without its content. */
export const catalogueRowSchema = z.object({
  revision: z.number().int(),
  digest: z.string(),
  name: z.string(),
  status: z.string(),
  reason: z.string(),
  /** It came with a project and is not in force by itself. */
  broughtIn: z.boolean(),
  createdAt: z.string(),
  createdBy: z.string(),
});
export const newCatalogueSchema = z.strictObject({
  /** Validated on its own, so that every fault keeps its file, row and field. */
  catalogue: z.unknown(),
  reason: trimmed(500).min(1, "Enter the source of the catalogue."),
  basedOn: z.number().int(),
});

export const houseRuleVersionSchema = z.object({
  version: z.number().int(),
  reason: z.string(),
  /** They came with a project and are not in force by themselves. */
  broughtIn: z.boolean(),
  createdAt: z.string(),
  createdBy: z.string(),
  values: houseRulesSchema(),
});
export const newHouseRulesSchema = z.strictObject({
  values: houseRulesSchema(),
  reason: trimmed(500).min(1, "Enter the reason for the change."),
  basedOn: z.number().int(),
});

/** Settings for copies of the database: in no proof, because no proof depends on them. */
export const keepingSchema = z.strictObject({
  /** Number of daily copies kept, the newest; 0 makes none. */
  copies: z
    .int("Enter a whole number of copies.")
    .min(0, "The number of copies cannot be negative.")
    .max(366, "At most 366 daily copies can be kept."),
  /** Increases with each change; a change of an outdated version is refused. */
  version: z.int(),
});

export const issueSheetSchema = z.strictObject({
  /** Version of the tag that was seen. */
  version: z.number().int(),
  /** Basis that was seen: if another one is in force by now, the request is refused. */
  catalogueRevision: z.number().int().optional(),
  houseRuleVersion: z.number().int().optional(),
  /** Chosen by the client: a repeated request with the same one returns the first sheet. */
  askedWith: text(100).min(8).optional(),
});
export const sheetRowSchema = z.object({
  id: z.uuid(),
  revision: z.string(),
  digest: z.string(),
  engine: z.string(),
  issuedAt: z.string(),
  issuedBy: z.string(),
  valve: z.string(),
  drive: z.string().nullable(),
  verdict: z.string(),
  /** Duty it was proved with; a tag whose duty version is higher has moved on since. */
  dutyVersion: z.number().int(),
});
export const reproofSchema = z.object({
  same: z.boolean(),
  engine: z.object({ was: z.string(), now: z.string() }),
  digest: z.string(),
  format: z.object({ was: z.string(), now: z.string() }),
  broughtUp: z.array(z.string()),
  because: z.array(z.string()),
  differences: z.array(z.object({ path: z.string(), was: z.unknown(), now: z.unknown() })),
});

export const healthSchema = z.object({
  status: z.enum(["ok", "unwell"]),
  engine: z.string(),
  database: z.enum(["reachable", "unreachable"]),
  migrations: z.object({ executed: z.number().int(), pending: z.number().int() }),
});

/** RFC 9457, with the places of bad input and, for a stale edit, both versions. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string(),
  errors: z.array(z.object({ field: z.string(), message: z.string() })).optional(),
  current: tagSchema.optional(),
  yours: saveTagSchema.optional(),
});

export type Choice = z.infer<typeof choiceSchema>;
export type Tag = z.infer<typeof tagSchema>;
export type SaveTag = z.infer<typeof saveTagSchema>;
export type TagRow = z.infer<typeof tagRowSchema>;
export type CatalogueVersion = z.infer<typeof catalogueVersionSchema>;
export type NewCatalogue = z.infer<typeof newCatalogueSchema>;
export type NewHouseRules = z.infer<typeof newHouseRulesSchema>;
export type CatalogueRow = z.infer<typeof catalogueRowSchema>;
export type HouseRuleVersion = z.infer<typeof houseRuleVersionSchema>;
export type Keeping = z.infer<typeof keepingSchema>;
export type SheetRow = z.infer<typeof sheetRowSchema>;
export type Health = z.infer<typeof healthSchema>;
export type Problem = z.infer<typeof problemSchema>;
export type ReproofAnswer = z.infer<typeof reproofSchema>;
