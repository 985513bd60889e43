/** Half the angle between the flanks of a trapezoidal thread, degrees. */
const flankDegrees = 15;

/**
 * Thrust of a nut on a rising stem.
 *
 * @param torqueNm torque of the nut, N·m, from 0
 * @param thread lead and mean diameter, mm, both above 0
 * @param friction of the thread, from 0: the lowest for the stem's limit
 * @returns N
 * @source statics of a screw: F = 2T/d₂ · (cos α − μ·tan λ)/(μ + cos α·tan λ), tan λ = P/(π·d₂), α half the flank angle
 *   15° (ISO 2904); without friction 2π·T/P
 * @example Math.round(stemThrustN(100, { leadMm: 8, meanDiameterMm: 32 }, 0)) // → 78540
 */
export function stemThrustN(
  torqueNm: number,
  { leadMm, meanDiameterMm }: { readonly leadMm: number; readonly meanDiameterMm: number },
  friction: number,
): number {
  const lead = leadMm / (Math.PI * meanDiameterMm);
  const flank = Math.cos((flankDegrees * Math.PI) / 180);
  const radiusM = meanDiameterMm / 2000;
  return ((torqueNm / radiusM) * (flank - friction * lead)) / (friction + flank * lead);
}
