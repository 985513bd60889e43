import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";
import { seeded } from "./seeded.ts";

/** Least, usual and most of something that scatters. */
export interface Spread {
  low: number;
  design: number;
  high: number;
}

export interface StallInput {
  breakNm: number;
  friction: Spread;
  growth: { low: number; high: number };
  airBarG: Spread;
  torquePerBarNm: number;
  springNm: number;
  springScatter: number;
  trials: number;
  seed: number;
}

export interface Stall {
  probability: number;
  standardError: number;
}

/** Draws of a triangle by the inverse of its distribution; the design value itself where nothing scatters. */
function triangular({ low, design, high }: Spread): (u: number) => number {
  const width = high - low;
  if (width === 0) return () => design;
  const turn = (design - low) / width;
  const [rising, falling] = [width * (design - low), width * (high - design)];
  return (u) => (u < turn ? low + Math.sqrt(u * rising) : high - Math.sqrt((1 - u) * falling));
}

function inOrder(name: string, values: readonly number[]): void {
  if (values.some((value, index) => index > 0 && value < values[index - 1]!))
    throw new CalculationError("not-in-order", `${name} must increase from low to high.`, name);
}

/**
 * Probability that an actuator stalls at breakaway, by trials: torque per bar times air, less the spring, against the
 * breakaway torque times friction and growth. An estimate, no better than the spreads it is given.
 *
 * @param input `breakNm` nominal, N·m; `friction` and `airBarG` (bar g) triangular between low and high about design;
 *   `growth` for the time closed, uniform; `torquePerBarNm`; `springNm` (0 for none) uniform within 1 ± `springScatter`;
 *   `trials` 1 … 10 000 000; `seed` a whole number
 * @returns share of trials that stall, and its standard error
 * @throws CalculationError `not-in-order` where a spread does not rise
 * @source Monte Carlo; four draws a trial in the order friction, growth, air, spring
 * @example stallProbability({ breakNm: 100, friction: { low: 1, design: 1, high: 1 }, growth: { low: 1, high: 1 }, airBarG: { low: 5, design: 5, high: 5 }, torquePerBarNm: 10, springNm: 0, springScatter: 0, trials: 10, seed: 1 }).probability // → 1
 */
export function stallProbability(input: StallInput): Stall {
  const { breakNm, friction, growth, airBarG, torquePerBarNm, springNm, springScatter, trials } = input;
  inOrder("friction", [friction.low, friction.design, friction.high]);
  inOrder("growth", [growth.low, growth.high]);
  inOrder("airBarG", [airBarG.low, airBarG.design, airBarG.high]);
  const next = seeded(input.seed);
  const [frictionOf, airOf] = [triangular(friction), triangular(airBarG)];
  let stalled = 0;
  for (let trial = 0; trial < trials; trial++) {
    const rubbing = frictionOf(next());
    const grown = growth.low + (growth.high - growth.low) * next();
    const air = airOf(next());
    const spring = springNm * (1 + springScatter * (2 * next() - 1));
    if (torquePerBarNm * air - spring < breakNm * rubbing * grown) stalled++;
  }
  const probability = stalled / trials;
  return { probability, standardError: Math.sqrt((probability * (1 - probability)) / trials) };
}

export const stallProbabilityCalculation = calculation({
  name: "stall-probability",
  title: "Probability that the actuator stalls at breakaway",
  source: "Monte Carlo with triangular and uniform distributions, seeded",
  schema: () => {
    const spread = (maximum: number) =>
      z.strictObject({
        low: z.number().min(0).max(maximum),
        design: z.number().min(0).max(maximum),
        high: z.number().min(0).max(maximum),
      });
    return z.strictObject({
      breakNm: z.number().positive().max(1e7),
      friction: spread(100),
      growth: z.strictObject({ low: z.number().min(0).max(100), high: z.number().min(0).max(100) }),
      airBarG: spread(1000),
      torquePerBarNm: z.number().min(0).max(1e7),
      springNm: z.number().min(0).max(1e8),
      springScatter: z.number().min(0).max(1),
      trials: z.number().int().min(1).max(10_000_000),
      seed: z
        .number()
        .int()
        .min(0)
        .max(2 ** 32 - 1),
    });
  },
  compute: stallProbability,
});
