import { z } from "zod";
import { ellipticE } from "./elliptic.ts";
import { type PackingInput, packingNm } from "./stem-packing.ts";

/** Friction on the stem of a quarter-turn valve. */
export interface StemInput extends PackingInput {
  thrustWasherMeanDiameterMm: number;
  thrustFriction: number;
  linePressureBarG: number;
}

/**
 * Schema fields of the stem, shared by the torque calculations.
 *
 * @returns Zod fields with their valid ranges
 * @source ranges: physical plausibility
 * @example Object.keys(stemFields()).length // → 7
 */
export const stemFields = () => ({
  stemDiameterMm: z.number().positive().max(1000),
  packingHeightMm: z.number().min(0).max(1000),
  packingRadialStressMPa: z.number().min(0).max(500),
  packingFriction: z.number().min(0).max(2),
  thrustWasherMeanDiameterMm: z.number().positive().max(2000),
  thrustFriction: z.number().min(0).max(2),
  linePressureBarG: z.number().min(-1.01325).max(5000),
});

/**
 * Torque of stem packing and stem thrust.
 *
 * @param input stem and packing: mm, MPa, bar g, friction as a number; pressure at or above −1.01325 bar g
 * @returns `packingNm` μₚ·π·d²·h·σ/2 and `thrustNm` μₜ·p·π/4·d²·d_m/2, N·m; under vacuum the thrust's size counts
 * @source friction of a cylinder and of a ring about the stem axis
 * @example stemFriction({ stemDiameterMm: 20, packingHeightMm: 20, packingRadialStressMPa: 5, packingFriction: 0, thrustWasherMeanDiameterMm: 26, thrustFriction: 0, linePressureBarG: 10 }) // → {"packingNm":0,"thrustNm":0}
 */
export function stemFriction(input: StemInput): { packingNm: number; thrustNm: number } {
  const d = input.stemDiameterMm;
  const thrustN = Math.abs(input.linePressureBarG) * 0.1 * (Math.PI / 4) * d * d;
  const thrust = (input.thrustFriction * thrustN * input.thrustWasherMeanDiameterMm) / 2;
  return { packingNm: packingNm(input), thrustNm: thrust / 1000 };
}

/**
 * Arm at which a seat ring's load resists turning the ball: (D/2)·(2/π)·E(sin θ)/cos θ with sin θ = d/D,
 * the line integral of friction around the contact circle about the stem axis.
 *
 * @param ballDiameterMm D, above d
 * @param seatContactDiameterMm d, above 0
 * @returns arm in mm; friction torque is μ·F·arm
 * @source derivation; (1+cos θ)/2 is its usual approximation to (2/π)E
 * @example seatArmMm(100, 1e-9) // → 50
 */
export function seatArmMm(ballDiameterMm: number, seatContactDiameterMm: number): number {
  const sine = seatContactDiameterMm / ballDiameterMm;
  return ((ballDiameterMm / Math.PI) * ellipticE(sine)) / Math.sqrt(1 - sine * sine);
}
