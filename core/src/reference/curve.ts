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
  const { temperatureC: t, value } = curve;
  const last = t.length - 1;
  if (temperatureC <= t[0]!) return value[0]!;
  if (temperatureC >= t[last]!) return value[last]!;
  let i = 1;
  while (t[i]! < temperatureC) i++;
  const t0 = t[i - 1]!;
  const v0 = value[i - 1]!;
  return v0 + ((value[i]! - v0) * (temperatureC - t0)) / (t[i]! - t0);
}
