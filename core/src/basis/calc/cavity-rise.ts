import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";

/** A liquid-filled cavity that warms up while shut in. */
export interface CavityRiseInput {
  readonly startPressureBarG: number;
  readonly startTemperatureC: number;
  readonly endTemperatureC: number;
  readonly fluidExpansionPerK: number;
  readonly fluidCompressibilityPerBar: number;
  readonly bodyLinearExpansionPerK: number;
  readonly bodyCompliancePerBar: number;
  readonly linePressureBarG: number;
  readonly ratingAtEndBarG: number;
  readonly limitFactor: number;
  readonly reliefBarAboveLine: number | null;
}

export interface CavityRise {
  readonly unrelievedBarG: number;
  readonly peakBarG: number;
  readonly limitBarG: number;
  readonly relieves: boolean;
  readonly acceptable: boolean;
}

/**
 * Pressure a trapped, liquid-filled cavity reaches when it warms, and whether a seat relieves it in time.
 *
 * @param input `startPressureBarG` cavity pressure when shut in; `startTemperatureC`, `endTemperatureC`
 *   °C, the end not below the start; `fluidExpansionPerK` β, `fluidCompressibilityPerBar` κ > 0,
 *   `bodyLinearExpansionPerK` α, `bodyCompliancePerBar` c ≥ 0; `linePressureBarG` side the seat relieves
 *   to; `ratingAtEndBarG` body rating at the temperature reached; `limitFactor` 1.0 (ASME B16.34 2.3.3) or
 *   1.33 (API 6D allowance); `reliefBarAboveLine` bar above the line, null when nothing relieves
 * @returns unrelieved and peak pressure, limit, whether the seat relieves, and whether the peak is acceptable;
 *   equality is acceptable
 * @throws CalculationError `cooling-not-modelled` when the end is colder than the start
 * @source p = p₀ + (β − 3α)ΔT/(κ + c), constant coefficients; limit ASME B16.34 2.3.3 or API 6D
 * @example cavityRise({ startPressureBarG: 10, startTemperatureC: 20, endTemperatureC: 30, fluidExpansionPerK: 0.001, fluidCompressibilityPerBar: 0.0001, bodyLinearExpansionPerK: 0, bodyCompliancePerBar: 0, linePressureBarG: 10, ratingAtEndBarG: 50, limitFactor: 1, reliefBarAboveLine: 15 }).peakBarG // → 25
 */
export function cavityRise(input: CavityRiseInput): CavityRise {
  const riseK = input.endTemperatureC - input.startTemperatureC;
  if (riseK < 0) {
    throw new CalculationError(
      "cooling-not-modelled",
      "The end temperature is below the start temperature. Only warming of a trapped cavity is calculated.",
      "endTemperatureC",
    );
  }
  const perKelvin =
    (input.fluidExpansionPerK - 3 * input.bodyLinearExpansionPerK) /
    (input.fluidCompressibilityPerBar + input.bodyCompliancePerBar);
  const unrelievedBarG = input.startPressureBarG + perKelvin * riseK;
  const reliefAt =
    input.reliefBarAboveLine === null
      ? Number.POSITIVE_INFINITY
      : input.linePressureBarG + input.reliefBarAboveLine;
  const peakBarG = Math.min(unrelievedBarG, reliefAt);
  const limitBarG = input.limitFactor * input.ratingAtEndBarG;
  return {
    unrelievedBarG,
    peakBarG,
    limitBarG,
    relieves: unrelievedBarG > reliefAt,
    acceptable: peakBarG <= limitBarG,
  };
}

const barG = () => z.number().min(-1.01325).max(1e5);

export const cavityRiseCalculation = calculation({
  name: "cavity-rise",
  title: "Pressure rise in a trapped cavity",
  source: "Constant-coefficient expansion; ASME B16.34 2.3.3, API 6D",
  schema: () =>
    z.strictObject({
      startPressureBarG: barG(),
      startTemperatureC: z.number().min(-273.15).max(2000),
      endTemperatureC: z.number().min(-273.15).max(2000),
      fluidExpansionPerK: z.number().min(-0.1).max(0.1),
      fluidCompressibilityPerBar: z.number().positive().max(1),
      bodyLinearExpansionPerK: z.number().min(0).max(0.001),
      bodyCompliancePerBar: z.number().min(0).max(1),
      linePressureBarG: barG(),
      ratingAtEndBarG: z.number().min(0).max(1e5),
      limitFactor: z.number().min(1).max(2),
      reliefBarAboveLine: z.number().min(0).max(1e5).nullable(),
    }),
  compute: cavityRise,
});
