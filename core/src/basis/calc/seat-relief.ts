import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";

/** The inputs that decide when a spring-loaded seat lifts off the ball. */
export interface SeatReliefInput {
  readonly springLoadN: number;
  readonly seatSealDiameterMm: number;
  readonly seatContactDiameterMm: number;
  readonly sealDragN: number;
}

/**
 * Cavity pressure above the line at which a self-relieving seat lifts off the ball.
 *
 * @param input `springLoadN` spring force on the seat, N > 0; `seatSealDiameterMm` outside sealing diameter
 *   of the seat ring in its pocket, mm; `seatContactDiameterMm` mean contact diameter on the ball, mm,
 *   smaller than the former; `sealDragN` friction of the seat's own seal, N ≥ 0
 * @returns `reliefBar`, bar above the line
 * @throws CalculationError `no-relieving-area` when the contact circle is not smaller than the seal circle
 * @source force balance: cavity pressure on π/4(D_o² − d²) against spring and drag
 * @example seatRelief({ springLoadN: 785.4, seatSealDiameterMm: 110, seatContactDiameterMm: 90, sealDragN: 0 }).reliefBar.toFixed(2) // → "2.50"
 */
export function seatRelief(input: SeatReliefInput): { reliefBar: number } {
  const { springLoadN, seatSealDiameterMm: outer, seatContactDiameterMm: contact, sealDragN } = input;
  const areaMm2 = (Math.PI / 4) * (outer ** 2 - contact ** 2);
  if (areaMm2 <= 0) {
    throw new CalculationError(
      "no-relieving-area",
      "The seal diameter of the seat must be larger than its contact diameter. Otherwise cavity pressure cannot lift the seat.",
      "seatSealDiameterMm",
    );
  }
  return { reliefBar: (springLoadN + sealDragN) / (0.1 * areaMm2) };
}

export const seatReliefCalculation = calculation({
  name: "seat-relief",
  title: "Relief of a self-relieving seat",
  source: "Force balance on the seat ring",
  schema: () =>
    z.strictObject({
      springLoadN: z.number().positive().max(1e9),
      seatSealDiameterMm: z.number().positive().max(1e5),
      seatContactDiameterMm: z.number().positive().max(1e5),
      sealDragN: z.number().min(0).max(1e9),
    }),
  compute: seatRelief,
});
