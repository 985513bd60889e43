import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";

/** Temperature and critical constants of one fluid. */
export interface VapourPressureInput {
  readonly temperatureC: number;
  readonly criticalTemperatureK: number;
  readonly criticalPressureBarA: number;
  readonly acentricFactor: number;
}

/**
 * Vapour pressure of a pure fluid. Below the triple point the caller must say solid.
 *
 * @param input `temperatureC` °C, at most the critical temperature; `criticalTemperatureK` K;
 *   `criticalPressureBarA` bar a; `acentricFactor`
 * @returns `pressureBarA`, bar a
 * @throws CalculationError `above-critical` above the critical temperature
 * @source Lee and Kesler 1975, ln p_r = f⁰(T_r) + ω f¹(T_r)
 * @example vapourPressure({ temperatureC: 34.52, criticalTemperatureK: 369.8, criticalPressureBarA: 42.5, acentricFactor: 0.152 }).pressureBarA.toFixed(2) // → "12.10"
 */
export function vapourPressure(input: VapourPressureInput): { pressureBarA: number } {
  const tr = (input.temperatureC + 273.15) / input.criticalTemperatureK;
  if (tr > 1) {
    throw new CalculationError(
      "above-critical",
      `A fluid has no vapour pressure above its critical temperature (${(input.criticalTemperatureK - 273.15).toFixed(1)} °C).`,
      "temperatureC",
    );
  }
  const f0 = 5.92714 - 6.09648 / tr - 1.28862 * Math.log(tr) + 0.169347 * tr ** 6;
  const f1 = 15.2518 - 15.6875 / tr - 13.4721 * Math.log(tr) + 0.43577 * tr ** 6;
  return { pressureBarA: input.criticalPressureBarA * Math.exp(f0 + input.acentricFactor * f1) };
}

export const vapourPressureCalculation = calculation({
  name: "vapour-pressure",
  title: "Vapour pressure of a pure fluid",
  source: "Lee and Kesler 1975",
  schema: () =>
    z.strictObject({
      temperatureC: z.number().gt(-273.15).max(5000),
      criticalTemperatureK: z.number().positive().max(5000),
      criticalPressureBarA: z.number().positive().max(1e5),
      acentricFactor: z.number().min(-1).max(3),
    }),
  compute: vapourPressure,
});
