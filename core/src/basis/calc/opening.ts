import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";

/** How a trim's coefficient grows as it opens. */
export type Characteristic =
  | {
      readonly type: "equal percentage" | "linear";
      readonly kvOpen: number;
      readonly rangeability: number;
    }
  | { readonly type: "points"; readonly points: readonly CurvePoint[] };

export interface CurvePoint {
  readonly openingPercent: number;
  readonly kv: number;
}

/**
 * Values of a trim at an opening.
 *
 * @param characteristic law or points, Kv in m³/h
 * @param openingPercent 0 shut to 100 open; below the first point of a curve its first, above its last its last
 * @returns Kv, m³/h
 * @source equal percentage Kv = Kv_open·R^(h−1); linear from Kv_open/R to Kv_open; points linear in log Kv
 * @example kvAt({ type: "linear", kvOpen: 100, rangeability: 50 }, 0) // → 2
 */
export function kvAt(characteristic: Characteristic, openingPercent: number): number {
  const h = openingPercent / 100;
  if (characteristic.type === "points") {
    const { points } = characteristic;
    let index = 0;
    while (index < points.length && points[index]!.openingPercent < openingPercent) index++;
    if (index === 0) return points[0]!.kv;
    if (index === points.length) return points[index - 1]!.kv;
    const [a, b] = [points[index - 1]!, points[index]!];
    const share = (openingPercent - a.openingPercent) / (b.openingPercent - a.openingPercent);
    return a.kv * (b.kv / a.kv) ** share;
  }
  const { kvOpen, rangeability } = characteristic;
  return characteristic.type === "linear"
    ? kvOpen / rangeability + h * (kvOpen - kvOpen / rangeability)
    : kvOpen * rangeability ** (h - 1);
}

const above = () =>
  new CalculationError("above-capacity", "The fully open trim passes less than the required flow.", "kv");
const below = () =>
  new CalculationError("below-range", "The required flow is below the control range of the trim.", "kv");

/**
 * Opening at which a trim has a coefficient.
 *
 * @param input `kv` asked for, m³/h; `characteristic` of the trim
 * @returns `openingPercent`, 0 shut to 100 open
 * @throws CalculationError `above-capacity`, `below-range`
 * @source the inverse of the characteristic
 * @example opening({ kv: 100, characteristic: { type: "linear", kvOpen: 100, rangeability: 50 } }).openingPercent // → 100
 */
export function opening(input: { readonly kv: number; readonly characteristic: Characteristic }): {
  readonly openingPercent: number;
} {
  const { kv, characteristic } = input;
  if (characteristic.type === "points") {
    const { points } = characteristic;
    if (kv > points.at(-1)!.kv) throw above();
    if (kv < points[0]!.kv) throw below();
    const index = points.findIndex((p) => p.kv >= kv);
    if (index === 0) return { openingPercent: points[0]!.openingPercent };
    const [a, b] = [points[index - 1]!, points[index]!];
    const share = Math.log(kv / a.kv) / Math.log(b.kv / a.kv);
    return { openingPercent: a.openingPercent + share * (b.openingPercent - a.openingPercent) };
  }
  const { kvOpen, rangeability, type } = characteristic;
  const least = kvOpen / rangeability;
  if (kv > kvOpen) throw above();
  if (kv < least) throw below();
  const share =
    type === "linear" ? (kv - least) / (kvOpen - least) : 1 + Math.log(kv / kvOpen) / Math.log(rangeability);
  return { openingPercent: 100 * share };
}

const kv = () => z.number().positive().max(1e7);

/** A characteristic as a document may state it. */
const characteristicSchema = () =>
  z.discriminatedUnion("type", [
    z.strictObject({
      type: z.enum(["equal percentage", "linear"]),
      kvOpen: kv(),
      rangeability: z.number().gt(1).max(10_000),
    }),
    z.strictObject({
      type: z.literal("points"),
      points: z
        .array(z.strictObject({ openingPercent: z.number().min(0).max(100), kv: kv() }))
        .min(2)
        .max(200)
        .refine(
          (points) =>
            points.every(
              (p, i) =>
                i === 0 || (p.openingPercent > points[i - 1]!.openingPercent && p.kv > points[i - 1]!.kv),
            ),
          { message: "Opening and Kv must increase from point to point." },
        ),
    }),
  ]);

export const openingCalculation = calculation({
  name: "opening",
  title: "Opening of a trim for a flow coefficient",
  source: "Inherent characteristic by law or by points",
  schema: () => z.strictObject({ kv: kv(), characteristic: characteristicSchema() }),
  compute: opening,
});
