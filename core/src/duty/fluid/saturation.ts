import { waterSaturationBarA } from "../../basis/calc/steam/saturation.ts";
import { vapourPressure } from "../../basis/calc/vapour-pressure.ts";
import type { Fluid } from "../../basis/reference/fluids.ts";

/** Tolerance of the correlation before two figures contradict each other, as a fraction. */
const uncertainty = { water: 0.005, other: 0.08 } as const;

/** Pressure at which liquid and vapour of a fluid coexist, with its tolerance. */
export interface Saturation {
  readonly barA: number;
  readonly uncertainty: number;
  readonly method: string;
}

const waters = new Set(["water", "hot water above 90 C", "steam"]);

/**
 * Where a pure fluid boils and condenses.
 *
 * @param fluid of the table of fluids
 * @param temperatureC °C
 * @returns saturation pressure; null for a mixture, below the triple point and above the critical one
 * @source IAPWS-IF97 for water, Lee–Kesler (indicative) for the others
 */
export function saturation(fluid: Fluid, temperatureC: number): Saturation | null {
  if (waters.has(fluid.family)) {
    const barA = waterSaturationBarA(temperatureC);
    return barA === null ? null : { barA, uncertainty: uncertainty.water, method: "IAPWS-IF97" };
  }
  const { critical } = fluid;
  if (fluid.kind !== "pure" || critical === null || temperatureC < fluid.triplePointC) return null;
  if (temperatureC + 273.15 > critical.temperatureK) return null;
  const { pressureBarA } = vapourPressure({
    temperatureC,
    criticalTemperatureK: critical.temperatureK,
    criticalPressureBarA: critical.pressureBarA,
    acentricFactor: critical.acentricFactor,
  });
  return { barA: pressureBarA, uncertainty: uncertainty.other, method: "Lee–Kesler" };
}
