/** Packing about a stem. */
export interface PackingInput {
  readonly stemDiameterMm: number;
  readonly packingHeightMm: number;
  readonly packingRadialStressMPa: number;
  readonly packingFriction: number;
}

/**
 * Torque of stem packing.
 *
 * @param input stem diameter and packing height, mm; radial stress, MPa; friction as a number
 * @returns μₚ·π·d²·h·σ/2, N·m
 * @source friction of a cylinder about the stem axis
 * @example packingNm({ stemDiameterMm: 20, packingHeightMm: 0, packingRadialStressMPa: 5, packingFriction: 0.1 }) // → 0
 */
export function packingNm(input: PackingInput): number {
  const { stemDiameterMm: d, packingHeightMm: h, packingRadialStressMPa: stress, packingFriction } = input;
  return (packingFriction * Math.PI * d * d * h * stress) / 2 / 1000;
}
