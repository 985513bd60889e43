import { jobEventSchema, jobKinds, shopPlanSchema } from "@proven-seat/core/outcome/shop";
import { z } from "zod";
import { trimmed } from "./records.ts";

/** What a job is, said by the device it is begun on and never changed. */
const jobHead = {
  kind: z.enum(jobKinds),
  /** The valve it is begun on, in words. */
  valve: trimmed(400),
  /** As it was when the work began; null of a leak that is traced. */
  plan: shopPlanSchema.nullable(),
  startedAt: z.iso.datetime(),
  startedBy: trimmed(80).min(1, "Enter the technician."),
};

/** Events handed in at a time; a device hands in what it has in turns. */
export const mostHandedIn = 500;

/** Longest side of a picture as it is kept, px: a seal face fills a tablet with it. */
export const longestPicturePx = 1600;

export const handInSchema = z.strictObject({
  ...jobHead,
  events: z.array(jobEventSchema).max(mostHandedIn),
});

export const jobSchema = z.object({
  id: z.uuid(),
  tagId: z.uuid(),
  ...jobHead,
  startedAt: z.string(),
  /** In the order they came in. */
  events: z.array(jobEventSchema.extend({ at: z.string() })),
});

export const jobRowSchema = z.object({
  id: z.uuid(),
  tagId: z.uuid(),
  number: z.string(),
  service: z.string(),
  kind: jobHead.kind,
  valve: z.string(),
  startedAt: z.string(),
  startedBy: z.string(),
  steps: z.int(),
  done: z.int(),
  deviations: z.int(),
  finishedAt: z.string().nullable(),
  lastAt: z.string().nullable(),
  lastBy: z.string().nullable(),
});

export type HandIn = z.infer<typeof handInSchema>;
export type Job = z.infer<typeof jobSchema>;
export type JobRow = z.infer<typeof jobRowSchema>;
