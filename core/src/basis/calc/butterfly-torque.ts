import { z } from "zod";
import { calculation } from "./calculation.ts";
import { stemFields } from "./stem-friction.ts";
import { type PackingInput, packingNm } from "./stem-packing.ts";

export interface ButterflyTorqueInput extends PackingInput {
  discDiameterMm: number;
  differentialBar: number;
  seatLineLoadNPerMm: number;
  seatFriction: number;
  bearingFriction: number;
  /** Stem axis from the pipe's centre line: the second offset. */
  pipeOffsetMm?: number | undefined;
  dynamicCoefficient?: number | undefined;
  flowDifferentialBar?: number | undefined;
}

export interface ButterflyTorque {
  seatNm: number;
  bearingNm: number;
  offsetNm: number;
  packingNm: number;
  dynamicNm: number;
  /** Seat, bearing, offset and packing together, with pressure from the worse side. */
  breakNm: number;
}

/**
 * Torque of a butterfly disc by its parts. A triple-offset disc does not rub: its closing torque is catalogue data.
 *
 * @param input disc diameter D, stem diameter, packing height and second offset e, mm; seat line load w, N/mm; frictions
 *   as numbers; differential and differential while it flows, bar; dynamic coefficient; offset, coefficient and flow
 *   differential 0 where not given
 * @returns seat μ·w·D², bearing μ_b·Δp·π/4·D²·d_s/2, offset Δp·π/4·D²·e, packing, dynamic C_t·Δp·D³, and the break, N·m
 * @source statics: a line load round the rim resists with arm |R·cos θ|, ∫μwR·R|cos θ|dθ = 4μwR²
 * @example butterflyTorque({ discDiameterMm: 100, differentialBar: 0, seatLineLoadNPerMm: 10, seatFriction: 0.5, bearingFriction: 0.1, stemDiameterMm: 20, packingHeightMm: 0, packingRadialStressMPa: 0, packingFriction: 0 }).breakNm // → 50
 */
export function butterflyTorque(input: ButterflyTorqueInput): ButterflyTorque {
  const { discDiameterMm: d, pipeOffsetMm = 0, dynamicCoefficient = 0, flowDifferentialBar = 0 } = input;
  const pressureN = input.differentialBar * 0.1 * (Math.PI / 4) * d * d;
  const seatNm = (input.seatFriction * input.seatLineLoadNPerMm * d * d) / 1000;
  const bearingNm = (input.bearingFriction * pressureN * input.stemDiameterMm) / 2 / 1000;
  const offsetNm = (pressureN * pipeOffsetMm) / 1000;
  const packing = packingNm(input);
  const dynamicNm = dynamicCoefficient * flowDifferentialBar * 1e5 * (d / 1000) ** 3;
  return {
    seatNm,
    bearingNm,
    offsetNm,
    packingNm: packing,
    dynamicNm,
    breakNm: seatNm + bearingNm + offsetNm + packing,
  };
}

export const butterflyTorqueCalculation = calculation({
  name: "butterfly-torque",
  title: "Torque of a butterfly disc",
  source: "Statics of disc, seat, bearings and packing; C_t·Δp·D³ with flow",
  schema: () => {
    const { stemDiameterMm, packingHeightMm, packingRadialStressMPa, packingFriction } = stemFields();
    return z.strictObject({
      discDiameterMm: z.number().positive().max(10000),
      differentialBar: z.number().min(0).max(5000),
      seatLineLoadNPerMm: z.number().min(0).max(1e5),
      seatFriction: z.number().min(0).max(2),
      bearingFriction: z.number().min(0).max(2),
      stemDiameterMm,
      packingHeightMm,
      packingRadialStressMPa,
      packingFriction,
      pipeOffsetMm: z.number().min(0).max(1000).optional(),
      dynamicCoefficient: z.number().min(0).max(10).optional(),
      flowDifferentialBar: z.number().min(0).max(5000).optional(),
    });
  },
  compute: butterflyTorque,
});
