import { z } from "zod";

/** Kinds of flow trim, by purpose. */
const flowTrimKinds = [
  "bore",
  "V-port",
  "segment",
  "disc",
  "characterised seat",
  "micro trim",
  "cavitation trim",
  "noise trim",
] as const;

const text = z.string().min(1).max(120);
const factor = z.number().positive().max(1);
const percent = z.number().min(0).max(100);
const coefficient = z.number().min(0).max(10).nullable();

const point = z.strictObject({
  openingPercent: percent,
  /** Share of the fully open coefficient; null where a law gives it. */
  share: z.number().positive().max(1).nullable(),
  fl: factor,
  xt: factor,
  fd: factor,
  /** Ratio of pressure drops at which cavitation is heard; null where it was not measured. */
  xfz: factor.nullable(),
  /** Dynamic torque C_t, T = C_t·Δp·D³, that opening must overcome; null where it is not stated. */
  torque: coefficient,
  /** C_t against closing, where flow can push it open; null where not stated. */
  closingTorque: coefficient,
});

/** Flow trim in a line's bodies: curve over the travel, and the sizes it is made in. */
export const flowTrimSchema = z
  .strictObject({
    id: text,
    name: text,
    kind: z.enum(flowTrimKinds),
    /** The law of its curve, or by the points' own shares. */
    law: z.enum(["points", "equal percentage", "linear"]),
    /** Greatest over least coefficient it controls. */
    rangeability: z.number().gt(1).max(10_000),
    /** Material trims of the line it is made in; null for all of them. */
    madeIn: z.array(text).min(1).max(60).nullable(),
    /** Whether it throttles whichever way it is passed. */
    bothWays: z.boolean(),
    curve: z.array(point).min(2).max(60),
    sizes: z
      .array(
        z.strictObject({
          dn: z.number().int().positive(),
          /** Null for every designation of the size. */
          designation: text.nullable(),
          /** Wide open, m³/h. */
          kv: z.number().positive().max(1e7),
          /** Narrowest passage fully open, mm; larger particles stick. */
          passageMm: z.number().positive().nullable(),
          /** Besides the price of the size. */
          price: z.number().min(0),
        }),
      )
      .min(1),
  })
  .refine(({ curve }) => curve.every((p, i) => i === 0 || p.openingPercent > curve[i - 1]!.openingPercent), {
    path: ["curve"],
    message: "Openings must increase from point to point.",
  })
  .refine(({ curve }) => curve.at(-1)!.openingPercent === 100, {
    path: ["curve"],
    message: "The last point of a curve must be 100 % open.",
  })
  .refine(
    ({ law, curve }) =>
      law !== "points" ||
      curve.every((p, i) => p.share !== null && (i === 0 || p.share > (curve[i - 1]!.share ?? 1))),
    {
      path: ["curve"],
      message: 'With law "points", every point needs a share of the coefficient, in increasing order.',
    },
  )
  .refine(({ law, curve }) => law !== "points" || curve.at(-1)!.share === 1, {
    path: ["curve"],
    message: "At 100 % open the share of the coefficient must be 1.",
  });

export type FlowTrim = z.infer<typeof flowTrimSchema>;
