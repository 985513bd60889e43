import { z } from "zod";

/** Shapes of a stem end, as ISO 5211 names the driven part; a square is parallel to the pipe or on its corner. */
export const stemForms = ["square parallel", "square diagonal", "flat head", "keyed", "serrated"] as const;
export type StemForm = (typeof stemForms)[number];

/**
 * Shapes of an actuator's drive: those of stems, an octagon that takes a square either way, or a blank insert machined
 * to any end within its diameter.
 */
export const driveForms = [...stemForms, "double square", "blank insert"] as const;

/** Direction of the flats or key of a stem in the open position. */
const flatsWhenOpen = ["along the bore", "across the bore"] as const;

const mm = z.number().positive().max(5000);

/** End of a valve's stem: across its flats, or its diameter where it has a key or teeth; height above the pad. */
export const stemEndSchema = z.strictObject({
  form: z.enum(stemForms),
  acrossMm: mm,
  heightMm: mm,
  flats: z.enum(flatsWhenOpen).nullable().default(null),
  /** For a keyed end; one if not given. */
  keys: z.number().int().min(1).max(4).nullable().default(null),
});
export type StemEnd = z.infer<typeof stemEndSchema>;

/** Bore of a drive: across its flats, its diameter, or the largest circle an insert can be machined to; depth. */
export const driveEndSchema = z.strictObject({ form: z.enum(driveForms), acrossMm: mm, depthMm: mm });
export type DriveEnd = z.infer<typeof driveEndSchema>;

/** Outside of a drive over its flange: along its longest side, across it, height, and how high its weight acts. */
export const driveOutsideSchema = z.strictObject({ lengthMm: mm, widthMm: mm, heightMm: mm, centreMm: mm });
export type DriveOutside = z.infer<typeof driveOutsideSchema>;
