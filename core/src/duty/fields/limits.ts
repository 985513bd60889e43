import { z } from "zod";

/** Full vacuum in bar gauge, the lowest possible pressure. */
export const vacuumBarG = -1.01325;
export const absoluteZeroC = -273.15;

/**
 * Schema of a gauge pressure.
 *
 * @returns Zod schema, bar g
 * @source full vacuum below, a likely slip of unit above
 * @example pressureBarG().safeParse(-2).success // → false
 */
export const pressureBarG = () =>
  z
    .number({ error: "Pressure must be a number." })
    .min(
      vacuumBarG,
      "Pressure is below full vacuum (−1.013 bar g). Check whether it is absolute instead of gauge.",
    )
    .max(1000, "Pressure is above 1000 bar g. Check the unit.");

/**
 * Schema of a temperature.
 *
 * @returns Zod schema, °C
 * @source absolute zero below, a likely slip of unit above
 * @example temperatureC().safeParse(-300).success // → false
 */
export const temperatureC = () =>
  z
    .number({ error: "Temperature must be a number." })
    .min(absoluteZeroC, "Temperature is below absolute zero (−273.15 °C). Check the unit.")
    .max(1200, "Temperature is above 1200 °C. Check the unit.");

/**
 * Schema of a text with a greatest length, and without the null sign, which no database holds.
 *
 * @param maximum characters
 * @param schema string schema to extend, for example one that trims
 * @returns Zod schema
 * @example text(2).safeParse("abc").success // → false
 */
export const text = (maximum: number, schema = z.string()) =>
  schema
    .max(maximum, `At most ${maximum} characters.`)
    .refine((t) => !t.includes("\0"), "The text contains a null character. Type the text again.");
