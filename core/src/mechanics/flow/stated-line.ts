import { atmosphereBar } from "../../basis/units/definitions.ts";
import { pumpedBarG, readPumpCurve } from "../../duty/fields/pump-curve.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";

/** Stated data on the line around a valve, besides its cases. */
export interface StatedLine {
  /** Pressure before the valve, bar a, over the flow as the largest case counts its own; null where no pump is stated. */
  readonly pumpedBarA: ((flow: number) => number) | null;
  /** Behind the valve while nothing flows, bar a. */
  readonly staticBarA: number | null;
}

/**
 * The line a duty states.
 *
 * @param duty settled duty
 * @returns its pump curve and the static back pressure, each null where not stated
 * @source the duty
 */
export function statedLine({ stated: { pumpCurve, staticBarG } }: SettledDuty): StatedLine {
  const read = pumpCurve === null ? null : readPumpCurve(pumpCurve);
  const points = read && "points" in read ? read.points : null;
  return {
    pumpedBarA: points && ((flow) => pumpedBarG(points, flow) + atmosphereBar),
    staticBarA: staticBarG === null ? null : staticBarG + atmosphereBar,
  };
}
