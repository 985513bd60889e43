import type {
  Drifted,
  DriftOutcome,
  SheetDrift,
  TagMarks,
  TagSummary,
} from "@proven-seat/core/judgement/proof";
import { z } from "zod";
import { trimmed } from "./records.ts";

/** Records of a project that a job proves: its tags, or its sheets in force. */
export const provingWhats = ["list", "sheets"] as const;
export type ProvingWhat = (typeof provingWhats)[number];

/** Basis of a proof. */
export const basisSchema = z.object({
  catalogueRevision: z.int(),
  houseRuleVersion: z.int(),
  engine: z.string(),
});

/** A revision and a version; the project's own where they are left out. */
const otherBasis = {
  catalogueRevision: z.int().min(1).optional(),
  houseRuleVersion: z.int().min(1).optional(),
};

export const askProvingSchema = z.strictObject({ what: z.enum(provingWhats), ...otherBasis });

export const provingSchema = basisSchema.extend({
  id: z.uuid(),
  what: z.enum(provingWhats),
  state: z.enum(["under way", "done", "cancelled", "failed"]),
  total: z.int(),
  done: z.int(),
  /** From the rate so far; null where that says nothing yet. */
  secondsLeft: z.number().nullable(),
  endedAt: z.string().nullable(),
});

const summarySchema = z.custom<TagSummary>((value) => typeof value === "object" && value !== null);

/** The marks of a tag as it was proved last; of an older version of the tag where it was changed since. */
export const tagMarksSchema = z.object({
  id: z.uuid(),
  version: z.int(),
  marks: z.custom<TagMarks>((value) => typeof value === "object" && value !== null),
});
export const tagResultSchema = z.object({ id: z.uuid(), version: z.int(), summary: summarySchema });

/** A project changes its basis by decision, with the version of the project that was seen. */
export const moveOnSchema = z.strictObject({
  catalogueRevision: z.int().min(1),
  houseRuleVersion: z.int().min(1),
  reason: trimmed(1000).min(1, "Enter the reason for the update."),
  version: z.int(),
});
export const basisDecisionSchema = z.object({
  number: z.int(),
  catalogueRevision: z.int(),
  houseRuleVersion: z.int(),
  reason: z.string(),
  createdAt: z.string(),
  createdBy: z.string(),
});

/** Worst first. */
export const driftOutcomes = [
  "cannot be proved",
  "verdict changed",
  "figures moved",
  "same",
] as const satisfies readonly DriftOutcome[];

const drifted = { outcome: z.enum(driftOutcomes), grave: z.number() } satisfies Record<
  keyof Drifted,
  z.ZodType
>;

/** A sheet in force whose result changed, and who acknowledged it. */
export const driftedSheetSchema = z.object({
  id: z.uuid(),
  tag: z.uuid(),
  number: z.string(),
  revision: z.string(),
  ...drifted,
  was: z.string(),
  now: z.string().nullable(),
  because: z.string().nullable(),
  /** The finding that drifted most, with question and new verdict; null where none did. */
  first: z.object({ asks: z.string(), now: z.string() }).nullable(),
  acknowledged: z.object({ reason: z.string(), at: z.string(), by: z.string() }).nullable(),
});
/** A tag whose result differs on another basis. */
export const driftedTagSchema = z.object({
  id: z.uuid(),
  number: z.string(),
  ...drifted,
  was: summarySchema,
  now: summarySchema,
});
const counts = z.record(z.enum(driftOutcomes), z.int());

/** Results of a project's sheets and tags between two bases, worst first. */
export const driftSchema = z.object({
  /** Basis for comparison of its tags; null where they were proved on one basis only. */
  from: basisSchema.nullable(),
  to: basisSchema,
  sheets: z.object({ counts, unproved: z.int(), rows: z.array(driftedSheetSchema) }),
  tags: z.object({
    counts,
    unproved: z.int(),
    /** How many have not been proved on that basis. */
    before: z.int(),
    rows: z.array(driftedTagSchema),
  }),
});
export const sheetDriftSchema = z.custom<SheetDrift>((value) => typeof value === "object" && value !== null);

export const acknowledgeSchema = z.strictObject({
  ...otherBasis,
  reason: trimmed(1000).min(1, "Enter the reason for accepting the change."),
});

export type AskProving = z.infer<typeof askProvingSchema>;
export type Proving = z.infer<typeof provingSchema>;
export type ProvedBy = z.infer<typeof basisSchema>;
export type TagMarksRow = z.infer<typeof tagMarksSchema>;
export type TagResult = z.infer<typeof tagResultSchema>;
export type MoveOn = z.infer<typeof moveOnSchema>;
export type BasisDecision = z.infer<typeof basisDecisionSchema>;
export type Drift = z.infer<typeof driftSchema>;
export type DriftedSheet = z.infer<typeof driftedSheetSchema>;
export type DriftedTag = z.infer<typeof driftedTagSchema>;
