import { z } from "zod";

export const text = z.string().min(1).max(120);
export const positive = z.number().positive();

/** What every family states of itself. */
export const familyHead = {
  id: z.string().regex(/^[a-z0-9-]+$/),
  maker: text,
  name: text,
  /** Whether it is made with seals and grease for cold, and for heat; not stated, only for neither. */
  lowTemperature: z.boolean().nullable().default(null),
  highTemperature: z.boolean().nullable().default(null),
  /** For explosive atmospheres, as it stands on the plate; several with semicolons. */
  marking: text.nullable().default(null),
  /** Codes of ingress protection and enclosure types, as on the plate. */
  enclosure: text.nullable().default(null),
};

/** What every size states of itself. */
export const sizeHead = { id: text };
export const sizeTail = { flange: text, weightKg: positive, price: positive };
