import { onPoints } from "./interpolate.ts";

/** A limit against temperature: points in rising temperature, straight lines between. */
export interface Curve {
  readonly temperatureC: readonly number[];
  readonly value: readonly number[];
}

/**
 * Value of a curve at a temperature: linear between points, the end value outside them. The caller
 * decides whether outside is allowed.
 *
 * @param curve points in rising temperature, °C; at least one
 * @param temperatureC °C
 * @returns the value in the curve's own unit
 * @source linear interpolation between tabulated points, as ASME B16.34 2.1.1(f) allows for ratings
 * @example valueOnCurve({ temperatureC: [0, 100], value: [10, 20] }, 25) // → 12.5
 */
export function valueOnCurve(curve: Curve, temperatureC: number): number {
  return onPoints(curve.temperatureC, curve.value, temperatureC);
}
