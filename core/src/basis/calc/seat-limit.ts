import { z } from "zod";
import { type Curve, valueOnCurve } from "../reference/curve.ts";
import { type Mounting, type SeatMaterial, seatMaterial, seatSizeFactor } from "../reference/seats.ts";
import { CalculationError, calculation } from "./calculation.ts";

export interface SeatLimitInput {
  seat: string;
  dn: number;
  mounting: Mounting;
  temperatureC: number;
}

/**
 * Pressure a seat withstands on a curve at a temperature inside its range. Between the last point and
 * the excursion maximum the last point counts; both ends of the range are inside it.
 *
 * @param seat material with its range, °C
 * @param curve limit in bar against °C, already at the valve's size; null where the class governs
 * @param temperatureC °C
 * @returns limit in bar, null for a metal seat
 * @throws CalculationError `temperature-below-seat-minimum`, `temperature-above-seat-maximum`
 * @source generic or maker's seat curve (indicative)
 */
function seatLimitOnCurve(seat: SeatMaterial, curve: Curve | null, temperatureC: number): number | null {
  if (temperatureC < seat.minimumC) {
    throw new CalculationError(
      "temperature-below-seat-minimum",
      `${seat.name} is used from ${seat.minimumC} °C. ${temperatureC} °C is below this.`,
      "temperatureC",
    );
  }
  if (temperatureC > seat.excursionMaximumC) {
    throw new CalculationError(
      "temperature-above-seat-maximum",
      `${seat.name} withstands excursions up to ${seat.excursionMaximumC} °C. ${temperatureC} °C is above this.`,
      "temperatureC",
    );
  }
  return curve ? valueOnCurve(curve, temperatureC) : null;
}

/**
 * The generic curve of a seat at a size: each point times the size factor of the mounting.
 *
 * @param seat material
 * @param dn nominal size, DN
 * @param mounting how the ball is held
 * @returns curve in bar, null for metal
 * @source reference/seat-limits.csv × reference/seat-size-factors.csv (indicative)
 */
export function genericSeatCurve(seat: SeatMaterial, dn: number, mounting: Mounting): Curve | null {
  if (!seat.curve) return null;
  const factor = seatSizeFactor(dn, mounting);
  return { temperatureC: seat.curve.temperatureC, value: seat.curve.value.map((p) => p * factor) };
}

/**
 * Generic pressure limit of a seat at size and temperature.
 *
 * @param input `seat` id of the shipped table; `dn` DN above 0; `mounting`; `temperatureC` °C
 * @returns `pressureBarG`, bar; null for metal, where the class governs
 * @throws CalculationError `unknown-seat`, `temperature-below-seat-minimum`, `temperature-above-seat-maximum`
 * @source generic seat curve × size factor (indicative)
 * @example seatLimit({ seat: "ptfe", dn: 15, mounting: "floating", temperatureC: 7 }) // → {"pressureBarG":69}
 */
export function seatLimit({ seat, dn, mounting, temperatureC }: SeatLimitInput): {
  pressureBarG: number | null;
} {
  const material = seatMaterial(seat);
  if (!material) throw new CalculationError("unknown-seat", `Seat "${seat}" is not in the table.`, "seat");
  return { pressureBarG: seatLimitOnCurve(material, genericSeatCurve(material, dn, mounting), temperatureC) };
}

export const seatLimitCalculation = calculation({
  name: "seat-limit",
  title: "Generic seat limit",
  source: "Generic seat curve × size factor (indicative)",
  schema: () =>
    z.strictObject({
      seat: z.string(),
      dn: z.number().positive().max(3000),
      mounting: z.enum(["floating", "trunnion"]),
      temperatureC: z.number().min(-273.15).max(2000),
    }),
  compute: seatLimit,
});
