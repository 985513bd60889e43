import { z } from "zod";
import { cavityIds } from "../../construction/bodies/cavity.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { stemEndSchema } from "../../construction/ends/forms.ts";
import { emissionClasses, endConnections, shutOffPromises } from "../../duty/fields/words.ts";
import { accessoryFamilySchema } from "../accessories/kinds.ts";
import { driveFamilySchema } from "../drives/drive-kinds.ts";
import { weightAndPrice } from "../drives/shared-schema.ts";
import { flowTrimSchema } from "../trims/schema.ts";

const text = z.string().min(1).max(120);
const factor = z.number().positive().max(20);
const fraction = z.number().positive().max(2);
/** As a share of break-to-open; a disc may need more torque to seat than to leave its seat. */
const share = z.number().positive().max(1e6);

const curve = z.strictObject({
  name: text,
  temperatureC: z.array(z.number()).min(1),
  pressureBarG: z.array(z.number().positive()).min(1),
});

/** Dimensions for the section drawing and for seat loads. */
const geometry = z.strictObject({
  /** Ball, segment, disc or plug across the flow. */
  closureDiameterMm: z.number().positive(),
  seatContactDiameterMm: z.number().positive(),
  seatWidthMm: z.number().positive(),
  /** Circle the seat ring seals on in its pocket; null where the seat does not slide. */
  seatSealDiameterMm: z.number().positive().nullable(),
  sealDragN: z.number().min(0),
  /** Spring or preload force on one seat, by seat material. */
  seatLoadN: z.record(z.string(), z.number().positive()),
  /** Shaft behind the seat plane, and beside the bore's middle; null for no offset. */
  offsetsMm: z.tuple([z.number(), z.number()]).nullable(),
});

/** Bolting of one pressure joint, as its maker states it. Equal joints, such as two closures, are stated once. */
const boltedJoint = z.strictObject({
  /** Id of the bolting among the pieces of the construction. */
  bolting: text,
  thread: text,
  /** Of one joint. */
  bolts: z.number().int().min(2).max(200),
  /** Grade of the studs; null for the bolting of the line. */
  grade: text.nullable().default(null),
  boltCircleMm: z.number().positive(),
  gasket: z.strictObject({
    kind: text,
    meanDiameterMm: z.number().positive(),
    effectiveWidthMm: z.number().positive(),
    /** Gasket factor m and seating stress y of ASME VIII-1 appendix 2; nearly nothing for self-energised rings. */
    factor: z.number().min(0).max(20),
    seatingStressMPa: z.number().min(0).max(1000),
  }),
  /** Tightening torque the maker states, with the lubricant of the drawing; null where only the drawing has it. */
  torqueNm: z.number().positive().nullable().default(null),
});

const size = z.strictObject({
  dn: z.number().int().positive(),
  designation: text,
  boreMm: z.number().positive(),
  stemDiameterMm: z.number().positive(),
  maximumStemTorqueNm: z.number().positive(),
  pad: text,
  /** End of the stem above the pad; without it no mounting can be proved. */
  stemEnd: stemEndSchema.nullable().default(null),
  /** Thread of a rising stem, its travel, and its thrust limit; null for stems that turn. */
  stemThread: z
    .strictObject({
      leadMm: z.number().positive(),
      meanDiameterMm: z.number().positive(),
      liftMm: z.number().positive(),
      maximumThrustN: z.number().positive(),
    })
    .nullable()
    .default(null),
  /** Height of the springs of a live-loaded packing at the maker's load. */
  liveLoading: z
    .strictObject({ heightMm: z.number().positive(), toleranceMm: z.number().positive() })
    .nullable()
    .default(null),
  /** Bolting of the pressure joints; joints that are not stated need the maker's drawing. */
  joints: z.array(boltedJoint).max(20).default([]),
  /** From the pipe axis to the face of the pad, and across the end flanges or the pipe's flanges. */
  padHeightMm: z.number().positive().nullable().default(null),
  flangeDiameterMm: z.number().positive().nullable().default(null),
  faceToFaceMm: z.number().positive().nullable(),
  ...weightAndPrice,
  geometry,
  /** Break-to-open torque in N·m by seat, one value per differential. */
  torque: z.strictObject({
    differentialBar: z.array(z.number().min(0)).min(2),
    breakToOpenNm: z.record(z.string(), z.array(z.number().positive())),
  }),
});

const seatExecutions = ["soft ring", "flexed metal lip", "solid metal ring", "clearance"] as const;

const stemSeals = [
  "live-loaded stack",
  "adjustable gland",
  "O-ring and packing",
  "double packing with leak-off",
] as const;

/** One product line of a maker. */
export const productLineSchema = z.strictObject({
  id: z.string().regex(/^[a-z0-9-]+$/, "lower-case letters, digits and hyphens only"),
  maker: text,
  name: text,
  construction: z.enum(constructions.map((c) => c.id) as [string, ...string[]]),
  port: z.enum(["full", "reduced", "double-reduced", "wafer disc", "V-notch"]),
  cavities: z.array(z.strictObject({ arrangement: z.enum(cavityIds), priceFactor: factor })).min(1),
  sealing: z.enum(["both ways", "one way"]),
  /** Kept on the shelf because it is still in the field. */
  noLongerMade: z.boolean().default(false),
  fireSafe: z.boolean(),
  antiStatic: z.boolean(),
  blowOutProofStem: z.boolean(),
  /** Ribs or stops that keep the ball in place once a seat has burnt. */
  ballStops: z.boolean(),
  /** Vent and drain into the cavity, with valves or plugs. */
  ventAndDrain: z.boolean(),
  seatSealant: z.boolean(),
  stemExtension: z.boolean(),
  jacket: z.strictObject({ maximumBarG: z.number().positive(), maximumC: z.number() }).nullable(),
  vacuum: z.boolean(),
  /** Grooves on the outside of a soft seat that let pressure behind it reach the cavity. */
  equalisingGrooves: z.boolean(),
  /** Share of the rating for a lug body at the end of a line; null where the maker states none. */
  deadEndFactor: fraction.nullable(),
  bolting: text,
  ends: z.array(z.enum(endConnections)).min(1),
  grades: z.array(z.strictObject({ grade: text, priceFactor: factor })).min(1),
  trims: z
    .array(
      z.strictObject({
        id: text,
        name: text,
        ball: text,
        stem: text,
        spring: text.nullable(),
        coating: text.nullable(),
        priceFactor: factor,
      }),
    )
    .min(1),
  seats: z
    .array(
      z.strictObject({
        seat: text,
        priceFactor: factor,
        /** Rate of ISO 5208 or class of IEC 60534-4; null where nothing is promised. */
        shutOff: z.enum(shutOffPromises).nullable(),
        /** How it meets the closure; null where the maker does not say. */
        execution: z.enum(seatExecutions).nullable().default(null),
        curve: curve.nullable(),
      }),
    )
    .min(1),
  seals: z
    .array(
      z.strictObject({
        id: text,
        name: text,
        stemSeal: z.enum(stemSeals),
        emissionClass: z.enum(emissionClasses).nullable(),
        parts: z
          .array(
            z.strictObject({
              part: text,
              seal: text,
              /** An elastomer certified for rapid gas decompression. */
              decompressionGrade: z.boolean().default(false),
            }),
          )
          .min(1),
        priceFactor: factor,
      }),
    )
    .min(1),
  /** Flow trims; where none is stated, typical figures of the construction serve for estimates. */
  flowTrims: z.array(flowTrimSchema).max(200).default([]),
  /** Torque at the other points of the stroke as a fraction of break-to-open. */
  stroke: z.strictObject({
    runToOpen: share,
    endToOpen: share,
    breakToClose: share,
    runToClose: share,
    endToClose: share,
  }),
  /** Service factor that the maker's table already includes; 1 for none. */
  torqueIncludesFactor: z.number().min(1).max(3),
  sizes: z.array(size).min(1),
});

const catalogueFormat = "proven-seat-catalogue/9";

export const catalogueHeadSchema = z.strictObject({
  format: z.literal(catalogueFormat),
  name: text,
  revision: z.number().int().positive(),
  status: text,
  currency: text,
});

export const catalogueSchema = catalogueHeadSchema.extend({
  lines: z.array(productLineSchema).min(1),
  drives: z.array(driveFamilySchema),
  accessories: z.array(accessoryFamilySchema).default([]),
});

export type ProductLine = z.infer<typeof productLineSchema>;
export type ProductSize = ProductLine["sizes"][number];
export type BoltedJoint = ProductSize["joints"][number];
export interface Catalogue extends z.infer<typeof catalogueSchema> {}
