import { z } from "zod";
import { driveEndSchema, driveOutsideSchema } from "../../construction/ends/forms.ts";

export const text = z.string().min(1).max(120);
export const positive = z.number().positive();

/** Heavier and dearer than anything that is turned: beyond it a figure is a slip, and sums of several run over. */
export const weightAndPrice = { weightKg: positive.max(1e6), price: positive.max(1e9) };

/** Values of every family, of actuators and accessories. */
export const makerHead = {
  id: z.string().regex(/^[a-z0-9-]+$/),
  maker: text,
  name: text,
  /** Whether it has seals and grease for cold, and for heat; not stated means neither. */
  lowTemperature: z.boolean().nullable().default(null),
  highTemperature: z.boolean().nullable().default(null),
  /** Ex marking from the nameplate; several with semicolons. */
  marking: text.nullable().default(null),
  /** Codes of ingress protection and enclosure types, as on the plate. */
  enclosure: text.nullable().default(null),
};

/** Values of every family of actuators. */
export const familyHead = {
  ...makerHead,
  /** Whether a hand turns it with its supply gone; null where nothing is stated. */
  handOverride: z.boolean().nullable().default(null),
  /** How far its stops can be set, each way, degrees. */
  stopsDegrees: positive.max(30).nullable().default(null),
};

/** Highest thrust of a nut, N, for rising stems; null where the maker states none. */
export const thrust = { maximumThrustN: positive.nullable().default(null) };
export const thrustColumn = "maximum_thrust_n";

/** Values of every size. */
export const sizeHead = { id: text };
export const sizeTail = {
  flange: text,
  /** A second bolt circle; null for none. */
  alsoFlange: text.nullable().default(null),
  /** Bore for the stem, and the outside over the flange; null where the maker states neither. */
  end: driveEndSchema.nullable().default(null),
  outside: driveOutsideSchema.nullable().default(null),
  /** Stroking time on its own supply, and by its springs, s, from its maker; for actuators on air it is computed. */
  strokeSeconds: positive.nullable().default(null),
  springSeconds: positive.nullable().default(null),
  ...weightAndPrice,
};
