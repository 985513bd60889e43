const n = [
  1167.0521452767, -724213.16703206, -17.073846940092, 12020.82470247, -3232555.0322333, 14.91510861353,
  -4823.2657361591, 405113.40542057, -0.23855557567849, 650.17534844798,
] as const;

/** Range in which liquid and vapour coexist, °C. */
const rangeC = { triple: 0.01, critical: 373.946 } as const;

/** Above this pressure nothing boils, bar a. */
export const criticalBarA = 220.64;

/** Saturation pressure without a check of the range, bar a. */
function saturatedAt(temperatureC: number): number {
  const kelvin = temperatureC + 273.15;
  const theta = kelvin + n[8] / (kelvin - n[9]);
  const a = theta * theta + n[0] * theta + n[1];
  const b = n[2] * theta * theta + n[3] * theta + n[4];
  const c = n[5] * theta * theta + n[6] * theta + n[7];
  return 10 * ((2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))) ** 4;
}

/**
 * Saturation pressure of water.
 *
 * @param temperatureC 0.01 to 373.946 °C
 * @returns bar a; null outside the range in which liquid and vapour coexist
 * @source IAPWS-IF97, region 4, equation 30
 * @example waterSaturationBarA(100)?.toFixed(4) // → "1.0142"
 */
export function waterSaturationBarA(temperatureC: number): number | null {
  return temperatureC < rangeC.triple || temperatureC > rangeC.critical ? null : saturatedAt(temperatureC);
}

/**
 * Saturation temperature of water.
 *
 * @param pressureBarA 0.00611657 to 220.64 bar a
 * @returns °C; null above, where nothing boils
 * @source IAPWS-IF97, region 4, equation 31
 * @example waterSaturationC(1)?.toFixed(2) // → "99.61"
 */
export function waterSaturationC(pressureBarA: number): number | null {
  if (pressureBarA > criticalBarA) return null;
  const beta = (pressureBarA / 10) ** 0.25;
  const e = beta * beta + n[2] * beta + n[5];
  const f = n[0] * beta * beta + n[3] * beta + n[6];
  const g = n[1] * beta * beta + n[4] * beta + n[7];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  return (n[9] + d - Math.sqrt((n[9] + d) ** 2 - 4 * (n[8] + n[9] * d))) / 2 - 273.15;
}
