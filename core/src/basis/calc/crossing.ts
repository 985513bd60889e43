/** Two points on either side of a crossing, with their values: one above zero, the other not. */
export interface Bracket {
  readonly near: number;
  readonly atNear: number;
  readonly far: number;
  readonly atFar: number;
}

/**
 * Where a function crosses zero between two places. It may have steps, and be as steep as it likes.
 *
 * @param value of the function at a place
 * @param bracket two places with values of opposite sign
 * @param closeEnough a value this near zero ends the search
 * @param widthEnough a bracket this narrow ends the search, in units of the place
 * @returns the place
 * @source T. R. Chandrupatla, Advances in Engineering Software 28 (1997) 145–149: inverse quadratic interpolation where
 *   three points bend little, else halving
 * @example crossing((x) => x * x - 2, { near: 2, atNear: 2, far: 0, atFar: -2 }, 0, 1e-12) // → 1.4142135623730951
 */
export function crossing(
  value: (x: number) => number,
  bracket: Bracket,
  closeEnough: number,
  widthEnough: number,
): number {
  let { near, atNear, far, atFar } = bracket;
  let by = atNear === atFar ? 0.5 : atNear / (atNear - atFar);
  for (let step = 0; step < 100; step++) {
    const tried = near + by * (far - near);
    const here = value(tried);
    if (Math.abs(here) < closeEnough) return tried;
    let [third, atThird] = [near, atNear];
    if (here > 0 !== atNear > 0) {
      [third, atThird] = [far, atFar];
      [far, atFar] = [near, atNear];
    }
    [near, atNear] = [tried, here];
    const width = Math.abs(far - near);
    if (width <= widthEnough) break;
    const [x, y] = [(near - far) / (third - far), (atNear - atFar) / (atThird - atFar)];
    const smooth = y * y < x && (1 - y) * (1 - y) < 1 - x;
    const through = smooth
      ? (atNear / (atFar - atNear)) * (atThird / (atFar - atThird)) +
        (((third - near) / (far - near)) * (atNear / (atThird - atNear)) * atFar) / (atThird - atFar)
      : 0.5;
    const least = (0.5 * widthEnough) / width;
    by = Math.min(1 - least, Math.max(least, through));
  }
  return (near + far) / 2;
}
