import type { Valve } from "../../../equipment/catalogue/valve.ts";

/** Force between one seat and the closure, and the stress it causes. */
export interface SeatLoad {
  readonly loadN: number;
  readonly areaMm2: number;
  readonly stressMPa: number;
}

/**
 * Load and stress on the seat that carries most.
 *
 * @param valve a valve of the catalogue
 * @param differentialBar differential across the shut valve, bar ≥ 0
 * @returns load, projected contact ring area and their quotient
 * @source floating ball: max(F₀ + T/2, T), thrust T on the contact circle; sliding seat: spring and
 *   differential on the ring between seal and contact circle; other seats: their preload alone
 */
export function seatLoad(valve: Valve, differentialBar: number): SeatLoad {
  const { seatContactDiameterMm: d, seatSealDiameterMm: outer, seatWidthMm, seatLoadN } = valve.size.geometry;
  const preload = seatLoadN[valve.seat.material.id] ?? 0;
  const perMm2 = 0.1 * differentialBar * (Math.PI / 4);
  let loadN = preload;
  if (valve.construction.support === "floating") {
    const thrust = perMm2 * d * d;
    loadN = Math.max(preload + thrust / 2, thrust);
  } else if (outer !== null) loadN = preload + perMm2 * (outer * outer - d * d);
  const areaMm2 = Math.PI * d * seatWidthMm;
  return { loadN, areaMm2, stressMPa: loadN / areaMm2 };
}

/**
 * Stress a seat material carries at a temperature.
 *
 * @param seat seat material
 * @param temperatureC °C
 * @returns MPa, linear between 23 °C and the highest continuous temperature, flat outside
 * @source reference/seat-materials.csv (indicative)
 */
export function allowableStressMPa(
  seat: {
    readonly allowableStressMPa: { at23C: number; atMaximum: number };
    readonly continuousMaximumC: number;
  },
  temperatureC: number,
): number {
  const { at23C, atMaximum } = seat.allowableStressMPa;
  const share = (temperatureC - 23) / (seat.continuousMaximumC - 23);
  return at23C + Math.min(1, Math.max(0, share)) * (atMaximum - at23C);
}
