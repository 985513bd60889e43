import { z } from "zod";
import { valueOnCurve } from "../reference/curve.ts";
import { isMaterialGroup, parseDesignation, ratingCurve } from "../reference/pressure-temperature.ts";
import { CalculationError, calculation } from "./calculation.ts";

export interface RatingInput {
  designation: string;
  materialGroup: string;
  temperatureC: number;
}

/**
 * Pressure rating of a flange class or PN in a material group at a temperature. The group's rating alone permits
 * nothing: the grade's own minimum and maximum are separate findings.
 *
 * @param input `designation` "class 150|300|600|800|900|1500|2500" or "PN 6…400"; `materialGroup` of the
 *   shipped tables; `temperatureC` °C above −273.15, below the first row the first row counts
 * @returns `pressureBarG`, bar gauge
 * @throws CalculationError `unknown-designation`, `unknown-material-group`,
 *   `group-has-no-such-designation`, `temperature-above-table`
 * @source ASME B16.34 (class), EN 1092-1 / EN 12516 (PN); linear between rows; class 800 interpolated
 * @example rating({ designation: "class 300", materialGroup: "1.1", temperatureC: 38 }) // → {"pressureBarG":51.1}
 */
export function rating({ designation, materialGroup, temperatureC }: RatingInput): { pressureBarG: number } {
  const parsed = parseDesignation(designation);
  if (!parsed) {
    throw new CalculationError(
      "unknown-designation",
      `"${designation}" is not a class or PN in the tables.`,
      "designation",
    );
  }
  if (!isMaterialGroup(materialGroup)) {
    throw new CalculationError(
      "unknown-material-group",
      `Material group "${materialGroup}" is not in the tables.`,
      "materialGroup",
    );
  }
  const curve = ratingCurve(parsed, materialGroup);
  if (!curve) {
    throw new CalculationError(
      "group-has-no-such-designation",
      `Group ${materialGroup} has no rating for ${designation}.`,
      "designation",
    );
  }
  const top = curve.temperatureC.at(-1)!;
  if (temperatureC > top) {
    throw new CalculationError(
      "temperature-above-table",
      `Group ${materialGroup} is rated up to ${top} °C. ${temperatureC} °C is above this.`,
      "temperatureC",
    );
  }
  return { pressureBarG: valueOnCurve(curve, temperatureC) };
}

export const ratingCalculation = calculation({
  name: "rating",
  title: "Pressure–temperature rating",
  source: "ASME B16.34; EN 1092-1 / EN 12516 (indicative)",
  schema: () =>
    z.strictObject({
      designation: z.string(),
      materialGroup: z.string(),
      temperatureC: z.number().min(-273.15).max(2000),
    }),
  compute: rating,
});
