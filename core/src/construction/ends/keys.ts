/** A parallel key. */
export interface Key {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Its height above the shaft. */
  readonly standsOutMm: number;
}

/** Shafts up to a diameter, width and height of their key, depth in the shaft, mm. */
const rows: readonly (readonly [upToMm: number, width: number, height: number, inShaft: number])[] = [
  [8, 2, 2, 1.2],
  [10, 3, 3, 1.8],
  [12, 4, 4, 2.5],
  [17, 5, 5, 3],
  [22, 6, 6, 3.5],
  [30, 8, 7, 4],
  [38, 10, 8, 5],
  [44, 12, 8, 5],
  [50, 14, 9, 5.5],
  [58, 16, 10, 6],
  [65, 18, 11, 7],
  [75, 20, 12, 7.5],
  [85, 22, 14, 9],
  [95, 25, 14, 9],
  [110, 28, 16, 10],
  [130, 32, 18, 11],
  [150, 36, 20, 12],
  [170, 40, 22, 13],
  [200, 45, 25, 15],
  [230, 50, 28, 17],
  [260, 56, 32, 20],
  [290, 63, 32, 20],
  [330, 70, 36, 22],
];

/**
 * The parallel key of a shaft.
 *
 * @param shaftMm diameter, mm
 * @returns width, height and height above the shaft, mm; null below 6 and above 330 mm
 * @source DIN 6885-1 (indicative)
 * @example keyFor(40).widthMm // → 12
 */
export function keyFor(shaftMm: number): Key | null {
  const row = shaftMm < 6 ? undefined : rows.find(([upTo]) => shaftMm <= upTo);
  if (!row) return null;
  const [, widthMm, heightMm, inShaft] = row;
  return { widthMm, heightMm, standsOutMm: heightMm - inShaft };
}

/**
 * Torque parallel keys carry.
 *
 * @param keys how many; of several each counts for three quarters, for they never bear alike
 * @param shaftMm diameter, mm
 * @param lengthMm length that bears, mm
 * @param allowedMPa pressure allowed on its side, MPa; shear of the key is allowed 0.577 of it
 * @returns N·m, the lesser of shear d/2·b·l·0.577·p and pressure on the exposed part d/2·h′·l·p; null where no key fits
 *   the shaft
 * @source shear and bearing of a parallel key; DIN 6892 method C
 * @example Math.round(keysCarryNm(2, 40, 60, 100)) // → 540
 */
export function keysCarryNm(
  keys: number,
  shaftMm: number,
  lengthMm: number,
  allowedMPa: number,
): number | null {
  const key = keyFor(shaftMm);
  if (!key) return null;
  const arm = (shaftMm / 2) * lengthMm * allowedMPa;
  const bearing = keys === 1 ? 1 : 0.75 * keys;
  return (bearing * arm * Math.min(0.577 * key.widthMm, key.standsOutMm)) / 1000;
}
