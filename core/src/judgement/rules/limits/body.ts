import { valueOnCurve } from "../../../basis/reference/curve.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { PartLimit } from "./part-limit.ts";

/** Where the rating table of a body ends, °C. */
export const ratingEndsAtC = ({ ratingCurve }: Pick<Valve, "ratingCurve">): number =>
  ratingCurve.temperatureC.at(-1)!;

/**
 * Rating of a body at a temperature.
 *
 * @param valve its class and material group decide
 * @param temperatureC °C
 * @returns bar g; null above the rating table
 * @source ASME B16.34 / EN 1092-1 by material group (indicative)
 */
export function bodyRatingBarG(valve: Pick<Valve, "ratingCurve">, temperatureC: number): number | null {
  return temperatureC > ratingEndsAtC(valve) ? null : valueOnCurve(valve.ratingCurve, temperatureC);
}

/** The body's rating between the temperatures its grade may be used at. */
export function bodyLimit({ grade, size, ratingCurve }: Valve): PartLimit {
  const top = Math.min(grade.maximumC, ratingEndsAtC({ ratingCurve }));
  return {
    part: "body",
    name: `${grade.grade}, ${size.designation}`,
    curve: ratingCurve,
    fromC: grade.minimumC,
    toC: top,
    excursionC: top,
    because: null,
  };
}
