import { z } from "zod";
import { endConnections } from "../duty/duty.ts";

const text = z.string().min(1).max(120);
const factor = z.number().positive().max(20);
const fraction = z.number().positive().max(2);

const curve = z.strictObject({
  name: text,
  temperatureC: z.array(z.number()).min(1),
  pressureBarG: z.array(z.number().positive()).min(1),
});

const size = z.strictObject({
  dn: z.number().int().positive(),
  designation: text,
  boreMm: z.number().positive(),
  stemDiameterMm: z.number().positive(),
  maximumStemTorqueNm: z.number().positive(),
  pad: text,
  faceToFaceMm: z.number().positive().nullable(),
  weightKg: z.number().positive(),
  price: z.number().positive(),
  /** Break-to-open torque in N·m by seat, one figure for each differential. */
  torque: z.strictObject({
    differentialBar: z.array(z.number().min(0)).min(2),
    breakToOpenNm: z.record(z.string(), z.array(z.number().positive())),
  }),
});

/** One product line of a maker. */
export const productLineSchema = z.strictObject({
  id: z.string().regex(/^[a-z0-9-]+$/, "lower-case letters, digits and hyphens only"),
  maker: text,
  name: text,
  construction: text,
  mounting: z.enum(["floating", "trunnion", "disc"]),
  entry: text,
  port: z.enum(["full", "reduced", "wafer disc"]),
  cavity: text,
  sealing: z.enum(["both ways", "one way"]),
  barriers: z.number().int().min(1).max(2),
  inLineRepair: z.boolean(),
  fireSafe: z.boolean(),
  ends: z.array(z.enum(endConnections)).min(1),
  grades: z.array(z.strictObject({ grade: text, priceFactor: factor })).min(1),
  trims: z
    .array(z.strictObject({ id: text, name: text, metals: z.array(text).min(1), priceFactor: factor }))
    .min(1),
  seats: z.array(z.strictObject({ seat: text, priceFactor: factor, curve: curve.nullable() })).min(1),
  seals: z
    .array(
      z.strictObject({
        id: text,
        name: text,
        parts: z.array(z.strictObject({ part: text, seal: text })).min(1),
        priceFactor: factor,
      }),
    )
    .min(1),
  /** Torque at the other points of the stroke as a fraction of break-to-open. */
  stroke: z.strictObject({
    runToOpen: fraction,
    endToOpen: fraction,
    breakToClose: fraction,
    runToClose: fraction,
    endToClose: fraction,
  }),
  /** Service factor the maker has already put into the table; 1 when none. */
  torqueIncludesFactor: z.number().min(1).max(3),
  sizes: z.array(size).min(1),
});

const pneumaticSize = z.strictObject({
  id: text,
  pistonDiameterMm: z.number().positive(),
  pistonCount: z.number().int().positive(),
  pinionPitchRadiusMm: z.number().positive(),
  efficiency: z.number().positive().max(1),
  springSets: z.array(
    z.strictObject({
      id: text,
      preloadN: z.number().positive(),
      rateNPerMm: z.number().positive(),
      price: z.number().min(0),
    }),
  ),
  flange: text,
  weightKg: z.number().positive(),
  price: z.number().positive(),
});

const electricSize = z.strictObject({
  id: text,
  torqueAtMinimumVoltageNm: z.number().positive(),
  stallTorqueNm: z.number().positive(),
  flange: text,
  weightKg: z.number().positive(),
  price: z.number().positive(),
});

/** One family of drives. */
export const driveFamilySchema = z.discriminatedUnion("kind", [
  z.strictObject({
    id: z.string().regex(/^[a-z0-9-]+$/),
    maker: text,
    name: text,
    kind: z.literal("rack-and-pinion"),
    maximumAirBarG: z.number().positive(),
    sizes: z.array(pneumaticSize).min(1),
  }),
  z.strictObject({
    id: z.string().regex(/^[a-z0-9-]+$/),
    maker: text,
    name: text,
    kind: z.literal("electric on-off"),
    sizes: z.array(electricSize).min(1),
  }),
]);

export const catalogueHeadSchema = z.strictObject({
  format: z.literal("proven-seat-catalogue/1"),
  name: text,
  revision: z.number().int().positive(),
  status: text,
  currency: text,
});

export const catalogueSchema = catalogueHeadSchema.extend({
  lines: z.array(productLineSchema).min(1),
  drives: z.array(driveFamilySchema),
});

export type ProductLine = z.infer<typeof productLineSchema>;
export type ProductSize = ProductLine["sizes"][number];
export type DriveFamily = z.infer<typeof driveFamilySchema>;
export type Catalogue = z.infer<typeof catalogueSchema>;
