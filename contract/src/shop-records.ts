import { jobEventSchema, jobKinds, shopPlanSchema } from "@proven-seat/core/outcome/shop";
import { z } from "zod";
import { trimmed } from "./records.ts";

/** Data of a job, stated by the device that starts it and never changed. */
const jobHead = {
  kind: z.enum(jobKinds),
  /** The valve it is started on, in words. */
  valve: trimmed(400),
  /** As it was when the work started; null for a leak trace. */
  plan: shopPlanSchema.nullable(),
  startedAt: z.iso.datetime(),
  startedBy: trimmed(80).min(1, "Enter the technician."),
};

/** Most events per request; a device sends more in turns. */
export const mostHandedIn = 500;

/** Longest side of a stored picture, px: a seal face fills a tablet with it. */
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
  /** In the order of arrival. */
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
