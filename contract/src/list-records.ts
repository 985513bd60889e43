import { storedDutySchema, text } from "@proven-seat/core/duty";
import { z } from "zod";
import { remarksSchema, tagNumberSchema, trimmed } from "./records.ts";

const columnPlanSchema = z.strictObject({
  heading: text(2000),
  field: text(80).nullable(),
  unit: text(40).nullable(),
  confidence: z.number().min(0).max(1),
  doubt: text(3000).nullable(),
});
const perField = z.record(text(80), z.record(text(1000), text(1000)));

/** Decisions of users on lists of one shape: places of columns, and meanings of values. */
export const listMemorySchema = z.strictObject({
  plan: z.array(columnPlanSchema).max(300),
  values: perField,
});

/** Rows of a list that wait for a user: as in the file, with the decisions so far. */
export const draftContentSchema = z.strictObject({
  headings: z.array(text(2000)).max(300),
  units: z.array(text(200)).max(300),
  decimal: z.enum([".", ","]),
  rows: z
    .array(
      z.strictObject({
        row: z.int().min(1),
        cells: z.array(z.union([text(4000), z.number()])).max(300),
      }),
    )
    .min(1, "A draft needs at least one row.")
    .max(10_000, "A draft can hold at most 10 000 rows."),
  plan: z.array(columnPlanSchema).max(300),
  values: perField,
});
const draftNameSchema = trimmed(200).min(1, "A draft needs a name.");
export const draftRowSchema = z.object({
  id: z.uuid(),
  name: z.string(),
  rows: z.number().int(),
  createdAt: z.string(),
  createdBy: z.string(),
});
export const draftSchema = draftRowSchema.extend({ content: draftContentSchema });

export const importSchema = z
  .strictObject({
    tags: z
      .array(
        z.strictObject({
          number: tagNumberSchema,
          service: trimmed(120),
          unit: trimmed(60),
          duty: storedDutySchema,
          remarks: remarksSchema.default({}),
          /** Version of the tag it replaces; if it has changed since, the list is refused. */
          version: z.number().int().optional(),
        }),
      )
      .max(10_000, "At most 10 000 tags at once."),
    /** Tags of the project that are no longer in the list and are removed, with the versions seen. */
    gone: z
      .array(z.strictObject({ id: z.uuid(), version: z.number().int() }))
      .max(10_000, "At most 10 000 tags at once.")
      .default([]),
    existing: z.enum(["refuse", "update"]).default("refuse"),
    /** Rows that wait, stored together with the tags. */
    later: z.strictObject({ name: draftNameSchema, content: draftContentSchema }).optional(),
    /** The draft these tags come from; it is removed when they are stored. */
    draft: z.uuid().optional(),
  })
  .refine(({ tags, later, gone }) => tags.length > 0 || later !== undefined || gone.length > 0, {
    path: ["tags"],
    message: "Nothing to import.",
  });
export const importResultSchema = z.object({
  added: z.number().int(),
  updated: z.number().int(),
  unchanged: z.number().int(),
  removed: z.number().int(),
});

export type ListMemory = z.infer<typeof listMemorySchema>;
export type DraftContent = z.infer<typeof draftContentSchema>;
export type DraftRow = z.infer<typeof draftRowSchema>;
export type Draft = z.infer<typeof draftSchema>;
export type ImportResult = z.infer<typeof importResultSchema>;
