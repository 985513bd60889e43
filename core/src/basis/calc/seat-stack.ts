import { z } from "zod";
import { calculation } from "./calculation.ts";

/** A link of a chain of dimensions. */
export interface StackLink {
  readonly name: string;
  readonly nominalMm: number;
  readonly plusMm: number;
  readonly minusMm: number;
  /** Whether a longer link presses the seat harder, or less. */
  readonly sense: 1 | -1;
}

export interface SeatStackInput {
  readonly links: readonly StackLink[];
  readonly axialStiffnessNPerMm: number;
}

/** Compression of a seat by its chain, and the load that makes. */
export interface SeatStack {
  readonly nominalMm: number;
  readonly worstMinimumMm: number;
  readonly worstMaximumMm: number;
  readonly meanMm: number;
  readonly rssMinimumMm: number;
  readonly rssMaximumMm: number;
  readonly loadAtMeanN: number;
  readonly loadWorstMinimumN: number;
  readonly loadWorstMaximumN: number;
  readonly probabilityLoose: number;
}

/** Tolerances are three standard deviations. */
const sigmas = 3;

/**
 * Share of a normal distribution below a value.
 *
 * @param z standard deviations from its mean
 * @returns 0–1; exact far into its tail, because it is not computed as a difference from one
 * @source Φ(z) = erfc(−z/√2)/2; erfc by its series near its middle and its continued fraction in the tail
 * @example normalBelow(0) // → 0.5
 */
export function normalBelow(z: number): number {
  return z <= 0 ? erfcOfPositive(-z / Math.SQRT2) / 2 : 1 - erfcOfPositive(z / Math.SQRT2) / 2;
}

/** Where the series needs as many terms as the fraction. */
const tailFrom = 2.5;

function erfcOfPositive(x: number): number {
  if (x < tailFrom) {
    let [term, sum] = [x, x];
    for (let n = 1; n < 200 && Math.abs(term) > 1e-18 * sum; n++) {
      term *= (-x * x) / n;
      sum += term / (2 * n + 1);
    }
    return 1 - (2 / Math.sqrt(Math.PI)) * sum;
  }
  // Lentz from its far end: erfc = e^(−x²)/√π · 1/(x + ½/(x + 1/(x + 3⁄2/(x + …)))).
  let rest = x;
  for (let n = 200; n > 0; n--) rest = x + n / 2 / rest;
  return Math.exp(-x * x) / (Math.sqrt(Math.PI) * rest);
}

/**
 * Seat load from a chain of dimensions.
 *
 * @param input links with size, tolerances up and down, mm, and sense; stiffness of the seat, N/mm
 * @returns compression, mm: nominal, at the middle of the tolerances, worst and by root of squares; load, N, none where the
 *   seat is loose; chance that it is
 * @source sum of sense × size; root of the sum of squared half tolerances is three standard deviations of a normal
 *   distribution
 * @example seatStack({ links: [{ name: "seat", nominalMm: 10.2, plusMm: 0.1, minusMm: 0.1, sense: 1 }, { name: "pocket", nominalMm: 10, plusMm: 0, minusMm: 0, sense: -1 }], axialStiffnessNPerMm: 1000 }).nominalMm.toFixed(3) // → "0.200"
 */
export function seatStack({ links, axialStiffnessNPerMm }: SeatStackInput): SeatStack {
  let [nominalMm, worstMinimumMm, worstMaximumMm, meanMm, squares] = [0, 0, 0, 0, 0];
  for (const { nominalMm: size, plusMm, minusMm, sense } of links) {
    const [up, down] = sense > 0 ? [plusMm, minusMm] : [minusMm, plusMm];
    nominalMm += sense * size;
    worstMaximumMm += sense * size + up;
    worstMinimumMm += sense * size - down;
    meanMm += sense * (size + (plusMm - minusMm) / 2);
    squares += ((plusMm + minusMm) / 2) ** 2;
  }
  const rss = Math.sqrt(squares);
  const load = (mm: number) => Math.max(0, mm) * axialStiffnessNPerMm;
  const loose = meanMm < 0 ? 1 : meanMm === 0 ? 0.5 : 0;
  return {
    nominalMm,
    worstMinimumMm,
    worstMaximumMm,
    meanMm,
    rssMinimumMm: meanMm - rss,
    rssMaximumMm: meanMm + rss,
    loadAtMeanN: load(meanMm),
    loadWorstMinimumN: load(worstMinimumMm),
    loadWorstMaximumN: load(worstMaximumMm),
    probabilityLoose: rss === 0 ? loose : normalBelow((-meanMm * sigmas) / rss),
  };
}

const mm = z.number().positive().max(100_000);
const tolerance = z.number().min(0).max(100);

export const seatStackCalculation = calculation({
  name: "seat-stack",
  title: "Seat compression from the chain of dimensions",
  source: "chain of dimensions: worst case and root sum of squares",
  schema: () =>
    z.strictObject({
      links: z
        .array(
          z.strictObject({
            name: z.string().min(1).max(120),
            nominalMm: mm,
            plusMm: tolerance,
            minusMm: tolerance,
            sense: z.union([z.literal(1), z.literal(-1)]),
          }),
        )
        .min(1)
        .max(60),
      axialStiffnessNPerMm: z.number().positive().max(1e9),
    }),
  compute: seatStack,
});
