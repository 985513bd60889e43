const n = [
  1167.0521452767, -724213.16703206, -17.073846940092, 12020.82470247, -3232555.0322333, 14.91510861353,
  -4823.2657361591, 405113.40542057, -0.23855557567849, 650.17534844798,
] as const;

/** Where liquid and vapour stand side by side, °C. */
const rangeC = { triple: 0.01, critical: 373.946 } as const;

/**
 * Saturation pressure of water.
 *
 * @param temperatureC 0.01 to 373.946 °C
 * @returns bar a; null outside that range, where liquid and vapour do not stand side by side
 * @source IAPWS-IF97, region 4, equation 30
 * @example waterSaturationBarA(100)?.toFixed(4) // → "1.0142"
 */
export function waterSaturationBarA(temperatureC: number): number | null {
  if (temperatureC < rangeC.triple || temperatureC > rangeC.critical) return null;
  const kelvin = temperatureC + 273.15;
  const theta = kelvin + n[8] / (kelvin - n[9]);
  const a = theta * theta + n[0] * theta + n[1];
  const b = n[2] * theta * theta + n[3] * theta + n[4];
  const c = n[5] * theta * theta + n[6] * theta + n[7];
  return 10 * ((2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))) ** 4;
}
