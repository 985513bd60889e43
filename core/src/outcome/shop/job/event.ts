import { z } from "zod";
import { leakPlaces } from "../leak/causes.ts";
import { planKinds } from "../plan.ts";

/** Work of a job: a plan, or tracing a leak. */
export const jobKinds = [...planKinds, "find a leak"] as const;
export type JobKind = (typeof jobKinds)[number];

/** Titles for a reader; the kinds are stored names in jobs and in the API. */
export const jobTitles: Readonly<Record<JobKind, string>> = {
  strip: "Strip down",
  reseat: "Renew the seats",
  "put together": "Reassemble",
  "fit the drive": "Mount the actuator",
  "find a leak": "Find a leak",
};

const inAddresses: Readonly<Record<JobKind, string>> = {
  strip: "strip",
  reseat: "reseat",
  "put together": "together",
  "fit the drive": "drive",
  "find a leak": "leak",
};

/**
 * The word a kind of job has in addresses.
 *
 * @param kind of job
 * @returns the word; for a plan the one `planNamed` knows
 * @example wordOf("put together") // → "together"
 */
export const wordOf = (kind: JobKind): string => inAddresses[kind];

const words = (maximum: number) => z.string().trim().min(1, "Describe what you saw in words.").max(maximum);
/** Name of a step; null of the work as a whole. */
const stepField = { step: words(1000).nullable() };

const said = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("tick"), step: words(1000), done: z.boolean() }),
  z.strictObject({
    kind: z.literal("reading"),
    step: words(1000),
    what: words(200),
    /** In the unit of the measure. */
    value: z.number().min(-1e9).max(1e9),
  }),
  z.strictObject({ kind: z.literal("note"), ...stepField, text: words(2000) }),
  /** A deviation from the plan. */
  z.strictObject({ kind: z.literal("deviation"), ...stepField, text: words(2000) }),
  z.strictObject({ kind: z.literal("picture"), ...stepField, picture: z.uuid(), name: words(200) }),
  z.strictObject({ kind: z.literal("place"), place: z.enum(leakPlaces) }),
  z.strictObject({ kind: z.literal("seen"), check: words(200), answer: words(200) }),
  z.strictObject({ kind: z.literal("taken back") }),
  z.strictObject({
    kind: z.literal("leak rate"),
    of: z.enum(["liquid", "gas"]),
    mlMin: z.number().min(0).max(1e9),
  }),
  z.strictObject({ kind: z.literal("finished") }),
]);

/** An event of a job: created once on a device, and never changed. */
export const jobEventSchema = z.strictObject({
  /** Created by the device, so that an event sent twice counts once. */
  id: z.uuid(),
  /** By the device's clock. */
  at: z.iso.datetime(),
  who: words(80),
  said,
});

export type JobEvent = z.infer<typeof jobEventSchema>;
export type Said = JobEvent["said"];
