import { z } from "zod";
import { calculation } from "./calculation.ts";

/** State and critical constants of one fluid. */
export interface CompressibilityInput {
  readonly temperatureC: number;
  readonly pressureBarA: number;
  readonly criticalTemperatureK: number;
  readonly criticalPressureBarA: number;
  readonly acentricFactor: number;
}

/** Reduced attraction and covolume of Peng–Robinson at a state. */
function reduced(input: CompressibilityInput): { a: number; b: number } {
  const tr = (input.temperatureC + 273.15) / input.criticalTemperatureK;
  const pr = input.pressureBarA / input.criticalPressureBarA;
  const w = input.acentricFactor;
  const m = 0.37464 + 1.54226 * w - 0.26992 * w * w;
  const alpha = (1 + m * (1 - Math.sqrt(tr))) ** 2;
  return { a: (0.45724 * alpha * pr) / tr ** 2, b: (0.0778 * pr) / tr };
}

/**
 * Real roots of the Peng–Robinson cubic, rising.
 *
 * @param input `temperatureC` °C above absolute zero; `pressureBarA` bar a > 0; critical temperature K,
 *   critical pressure bar a, acentric factor
 * @returns one or three compressibility factors: the largest is the vapour's, the smallest above b the liquid's
 * @source Peng and Robinson 1976; cubic solved in closed form, each root polished by Newton's method
 * @example pengRobinsonRoots({ temperatureC: 25, pressureBarA: 1, criticalTemperatureK: 190.56, criticalPressureBarA: 45.99, acentricFactor: 0.011 }).length // → 1
 */
export function pengRobinsonRoots(input: CompressibilityInput): number[] {
  const { a, b } = reduced(input);
  // z³ + c2 z² + c1 z + c0 = 0
  const c2 = b - 1;
  const c1 = a - 3 * b * b - 2 * b;
  const c0 = b ** 3 + b * b - a * b;
  const q = (c2 * c2 - 3 * c1) / 9;
  const r = (2 * c2 ** 3 - 9 * c2 * c1 + 27 * c0) / 54;
  const polish = (start: number) => {
    let z = start;
    for (let i = 0; i < 40; i++) {
      const slope = 3 * z * z + 2 * c2 * z + c1;
      if (slope === 0) return z;
      const step = (((z + c2) * z + c1) * z + c0) / slope;
      z -= step;
      if (Math.abs(step) <= 1e-15 * Math.abs(z)) return z;
    }
    return z;
  };
  if (r * r < q ** 3) {
    const angle = Math.acos(Math.max(-1, Math.min(1, r / Math.sqrt(q ** 3))));
    return [0, 1, 2]
      .map((k) => -2 * Math.sqrt(q) * Math.cos((angle + 2 * Math.PI * (k - 1)) / 3) - c2 / 3)
      .map(polish)
      .sort((x, y) => x - y);
  }
  const s = -Math.sign(r) * Math.cbrt(Math.abs(r) + Math.sqrt(r * r - q ** 3));
  return [polish(s + (s === 0 ? 0 : q / s) - c2 / 3)];
}

/**
 * Compressibility factor of a gas.
 *
 * @param input `temperatureC` °C above absolute zero; `pressureBarA` bar a > 0; `criticalTemperatureK` K;
 *   `criticalPressureBarA` bar a; `acentricFactor`
 * @returns `z`, the largest real root
 * @source Peng and Robinson 1976
 * @example gasCompressibility({ temperatureC: 127.34, pressureBarA: 38.8, criticalTemperatureK: 369.8, criticalPressureBarA: 42.5, acentricFactor: 0.152 }).z.toFixed(4) // → "0.6892"
 */
export function gasCompressibility(input: CompressibilityInput): { z: number } {
  return { z: pengRobinsonRoots(input).at(-1)! };
}

export const gasCompressibilityCalculation = calculation({
  name: "gas-compressibility",
  title: "Compressibility factor of a gas",
  source: "Peng and Robinson 1976, largest real root",
  schema: () =>
    z.strictObject({
      temperatureC: z.number().gt(-273.15).max(5000),
      pressureBarA: z.number().positive().max(1e5),
      criticalTemperatureK: z.number().positive().max(5000),
      criticalPressureBarA: z.number().positive().max(1e5),
      acentricFactor: z.number().min(-1).max(3),
    }),
  compute: gasCompressibility,
});
