/**
 * Value between tabulated points: straight lines between, the end value outside them. The caller decides whether
 * outside is allowed.
 *
 * @param x of the points, rising; at least one
 * @param y of the points, as many
 * @param point where
 * @returns the value there, in the unit of `y`
 * @source linear interpolation
 * @example onPoints([0, 100], [10, 20], 25) // → 12.5
 */
export function onPoints(x: readonly number[], y: readonly number[], point: number): number {
  const last = x.length - 1;
  if (point <= x[0]!) return y[0]!;
  if (point >= x[last]!) return y[last]!;
  let i = 1;
  while (x[i]! < point) i++;
  const x0 = x[i - 1]!;
  const y0 = y[i - 1]!;
  return y0 + ((y[i]! - y0) * (point - x0)) / (x[i]! - x0);
}
