import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";
import { type StemInput, seatArmMm, stemFields, stemFriction } from "./stem-friction.ts";

export interface TrunnionSeat {
  springLoadN: number;
  /** Pressure urging this seat to the ball; negative when it lifts the seat. */
  drivingPressureBar: number;
  effectiveAreaMm2?: number | undefined;
}

export interface TrunnionBallTorqueInput extends StemInput {
  ballDiameterMm: number;
  seatContactDiameterMm: number;
  seatSealDiameterMm: number;
  seats: TrunnionSeat[];
  differentialBar: number;
  seatFriction: number;
  bearingDiameterMm: number;
  bearingFriction: number;
}

export interface TrunnionBallTorque {
  seatNm: number;
  bearingNm: number;
  packingNm: number;
  thrustNm: number;
  totalNm: number;
  seatLoadsN: number[];
}

/**
 * Turning torque of a trunnion-mounted ball with two spring-energised seats.
 *
 * @param input `ballDiameterMm` D, `seatContactDiameterMm` d < D, `seatSealDiameterMm` D_o, mm; two `seats` with
 *   spring load N ≥ 0, driving pressure bar of either sign and optional effective area mm² (default
 *   π/4(D_o²−d²)); `differentialBar` ≥ 0; frictions 0–2; bearing diameter mm; stem as in stem-friction
 * @returns torques in N·m and the load of each seat in N
 * @throws CalculationError `contact-not-inside-ball`, `seal-not-outside-contact`
 * @source derivation: seat load max(0, spring + p·area); bearing μ·Δp·π/4·D_o²·d_b/2
 * @example trunnionBallTorque({ ballDiameterMm: 200, seatContactDiameterMm: 150, seatSealDiameterMm: 160, seats: [{ springLoadN: 0, drivingPressureBar: 0 }, { springLoadN: 0, drivingPressureBar: -5 }], differentialBar: 0, seatFriction: 0.1, bearingDiameterMm: 60, bearingFriction: 0.1, stemDiameterMm: 30, packingHeightMm: 0, packingRadialStressMPa: 0, packingFriction: 0, thrustWasherMeanDiameterMm: 36, thrustFriction: 0.1, linePressureBarG: 0 }).seatLoadsN // → [0,0]
 */
export function trunnionBallTorque(input: TrunnionBallTorqueInput): TrunnionBallTorque {
  const d = input.seatContactDiameterMm;
  const seal = input.seatSealDiameterMm;
  if (d >= input.ballDiameterMm) {
    throw new CalculationError(
      "contact-not-inside-ball",
      "The seat contact diameter must be smaller than the ball.",
      "seatContactDiameterMm",
    );
  }
  if (seal < d) {
    throw new CalculationError(
      "seal-not-outside-contact",
      "The seal diameter of the seat must not be below its contact diameter.",
      "seatSealDiameterMm",
    );
  }
  const annulusMm2 = (Math.PI / 4) * (seal * seal - d * d);
  const seatLoadsN = input.seats.map((seat) =>
    Math.max(0, seat.springLoadN + seat.drivingPressureBar * 0.1 * (seat.effectiveAreaMm2 ?? annulusMm2)),
  );
  const load = seatLoadsN.reduce((sum, n) => sum + n, 0);
  const seatNm = (input.seatFriction * load * seatArmMm(input.ballDiameterMm, d)) / 1000;
  const ballThrustN = input.differentialBar * 0.1 * (Math.PI / 4) * seal * seal;
  const bearingNm = (input.bearingFriction * ballThrustN * input.bearingDiameterMm) / 2 / 1000;
  const { packingNm, thrustNm } = stemFriction(input);
  return {
    seatNm,
    bearingNm,
    packingNm,
    thrustNm,
    totalNm: seatNm + bearingNm + packingNm + thrustNm,
    seatLoadsN,
  };
}

export const trunnionBallTorqueCalculation = calculation({
  name: "trunnion-ball-torque",
  title: "Torque of a trunnion-mounted ball",
  source: "Mechanics of spring-energised seats, bearings, packing and stem thrust",
  schema: () =>
    z.strictObject({
      ballDiameterMm: z.number().positive().max(10000),
      seatContactDiameterMm: z.number().positive().max(10000),
      seatSealDiameterMm: z.number().positive().max(10000),
      seats: z
        .array(
          z.strictObject({
            springLoadN: z.number().min(0).max(1e9),
            drivingPressureBar: z.number().min(-5000).max(5000),
            effectiveAreaMm2: z.number().positive().max(1e8).optional(),
          }),
        )
        .length(2),
      differentialBar: z.number().min(0).max(5000),
      seatFriction: z.number().min(0).max(2),
      bearingDiameterMm: z.number().positive().max(5000),
      bearingFriction: z.number().min(0).max(2),
      ...stemFields(),
    }),
  compute: trunnionBallTorque,
});
