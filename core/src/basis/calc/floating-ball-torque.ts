import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";
import { type StemInput, seatArmMm, stemFields, stemFriction } from "./stem-friction.ts";

export interface FloatingBallTorqueInput extends StemInput {
  ballDiameterMm: number;
  seatContactDiameterMm: number;
  differentialBar: number;
  seatPreloadN: number;
  seatFriction: number;
}

export interface FloatingBallTorque {
  seatNm: number;
  packingNm: number;
  thrustNm: number;
  totalNm: number;
  downstreamSeatLoadN: number;
  upstreamSeatLoadN: number;
  /** Differential below which only the preload counts and torque is constant. */
  preloadGovernsBelowBar: number;
}

/**
 * Turning torque of a floating ball between two equally stiff seats.
 *
 * @param input `ballDiameterMm` D and `seatContactDiameterMm` d, mm, d < D; `differentialBar` bar ≥ 0;
 *   `seatPreloadN` per seat, N ≥ 0; `seatFriction` 0–2; stem as in stem-friction
 * @returns torques in N·m, seat loads in N, and the differential where the line takes over from the preload
 * @throws CalculationError `contact-not-inside-ball` when d ≥ D
 * @source derivation: thrust T = Δp·π/4·d² shared by the seats until the upstream one is free at T = 2F₀
 * @example floatingBallTorque({ ballDiameterMm: 80, seatContactDiameterMm: 60, differentialBar: 0, seatPreloadN: 0, seatFriction: 0.1, stemDiameterMm: 20, packingHeightMm: 0, packingRadialStressMPa: 0, packingFriction: 0, thrustWasherMeanDiameterMm: 26, thrustFriction: 0.1, linePressureBarG: 0 }).totalNm // → 0
 */
export function floatingBallTorque(input: FloatingBallTorqueInput): FloatingBallTorque {
  const d = input.seatContactDiameterMm;
  if (d >= input.ballDiameterMm) {
    throw new CalculationError(
      "contact-not-inside-ball",
      "The seat contact diameter must be smaller than the ball.",
      "seatContactDiameterMm",
    );
  }
  const areaMm2 = (Math.PI / 4) * d * d;
  const thrustN = input.differentialBar * 0.1 * areaMm2;
  const preload = input.seatPreloadN;
  const downstreamSeatLoadN = Math.max(preload + thrustN / 2, thrustN);
  const upstreamSeatLoadN = Math.max(preload - thrustN / 2, 0);
  const arm = seatArmMm(input.ballDiameterMm, d);
  const seatNm = (input.seatFriction * (downstreamSeatLoadN + upstreamSeatLoadN) * arm) / 1000;
  const { packingNm, thrustNm } = stemFriction(input);
  return {
    seatNm,
    packingNm,
    thrustNm,
    totalNm: seatNm + packingNm + thrustNm,
    downstreamSeatLoadN,
    upstreamSeatLoadN,
    preloadGovernsBelowBar: (2 * preload) / (0.1 * areaMm2),
  };
}

export const floatingBallTorqueCalculation = calculation({
  name: "floating-ball-torque",
  title: "Torque of a floating ball",
  source: "Mechanics of two equally stiff seats, packing and stem thrust",
  schema: () =>
    z.strictObject({
      ballDiameterMm: z.number().positive().max(10000),
      seatContactDiameterMm: z.number().positive().max(10000),
      differentialBar: z.number().min(0).max(5000),
      seatPreloadN: z.number().min(0).max(1e9),
      seatFriction: z.number().min(0).max(2),
      ...stemFields(),
    }),
  compute: floatingBallTorque,
});
