import { z } from "zod";
import { calculation } from "./calculation.ts";
import { type SpringInput, springOf } from "./spring-figures.ts";

export interface RackAndPinionInput extends SpringInput {
  pistonDiameterMm: number;
  pistonCount: number;
  pinionPitchRadiusMm: number;
  efficiency: number;
  airBarG: number;
}

/** Output of a double-acting drive, the same over the whole stroke. */
export interface DoubleActingOutput {
  torqueNm: number;
}

/** Output of a spring-return drive at both ends of each stroke. */
export interface SpringReturnOutput {
  airStartNm: number;
  airEndNm: number;
  springStartNm: number;
  springEndNm: number;
}

/**
 * Output torque of a rack-and-pinion drive, double-acting or with springs.
 *
 * @param input `pistonDiameterMm` mm, `pistonCount` 1–8, `pinionPitchRadiusMm` mm, `efficiency` 0–1,
 *   `airBarG` bar g ≥ 0; with springs both `springPreloadN` N and `springRateNPerMm` N/mm, per piston
 * @returns `torqueNm` n·η·p·A·r, or with springs air and spring torque at start and end of the stroke, N·m
 * @throws CalculationError `spring-incomplete` when only one spring figure is given
 * @source statics; stroke π/2·r for a quarter turn
 * @example rackAndPinionOutput({ pistonDiameterMm: 100, pistonCount: 2, pinionPitchRadiusMm: 30, efficiency: 0.9, airBarG: 0 }) // → {"torqueNm":0}
 */
export function rackAndPinionOutput(input: RackAndPinionInput): DoubleActingOutput | SpringReturnOutput {
  const d = input.pistonDiameterMm;
  const airN = input.airBarG * 0.1 * (Math.PI / 4) * d * d;
  const arm = (input.pistonCount * input.efficiency * input.pinionPitchRadiusMm) / 1000;
  const spring = springOf(input);
  if (spring === null) return { torqueNm: arm * airN };
  const { preloadN: preload, rateNPerMm: rate } = spring;
  const wound = preload + rate * (Math.PI / 2) * input.pinionPitchRadiusMm;
  return {
    airStartNm: arm * (airN - preload),
    airEndNm: arm * (airN - wound),
    springStartNm: arm * wound,
    springEndNm: arm * preload,
  };
}

export const rackAndPinionOutputCalculation = calculation({
  name: "rack-and-pinion-output",
  title: "Output of a rack-and-pinion actuator",
  source: "Statics of pistons, pinion and springs over a quarter turn",
  schema: () =>
    z.strictObject({
      pistonDiameterMm: z.number().positive().max(5000),
      pistonCount: z.number().int().min(1).max(8),
      pinionPitchRadiusMm: z.number().positive().max(5000),
      efficiency: z.number().positive().max(1),
      airBarG: z.number().min(0).max(1000),
      springPreloadN: z.number().min(0).max(1e8).optional(),
      springRateNPerMm: z.number().min(0).max(1e6).optional(),
    }),
  compute: rackAndPinionOutput,
});
