import { z } from "zod";

/** Full vacuum in bar gauge: nothing lies below it. */
export const vacuumBarG = -1.01325;
const absoluteZeroC = -273.15;

/**
 * Schema of a pressure a person may leave blank.
 *
 * @returns Zod schema, bar g or null
 * @throws never
 * @source full vacuum below, a likely slip of unit above
 * @example pressure().safeParse(-2).success // → false
 */
export const pressure = () =>
  z
    .number({ error: "Pressure must be a number." })
    .min(vacuumBarG, "Pressure is below full vacuum (−1.013 bar g). Is it absolute where gauge is meant?")
    .max(1000, "Pressure is above 1000 bar g. Check the unit.")
    .nullable();

/**
 * Schema of a temperature a person may leave blank.
 *
 * @returns Zod schema, °C or null
 * @throws never
 * @source absolute zero below, a likely slip of unit above
 * @example temperature().safeParse(-300).success // → false
 */
export const temperature = () =>
  z
    .number({ error: "Temperature must be a number." })
    .min(absoluteZeroC, "Temperature is below absolute zero (−273.15 °C). Check the unit.")
    .max(1200, "Temperature is above 1200 °C. Check the unit.")
    .nullable();

/**
 * Schema of a text with a greatest length, and without the null sign, which no database holds.
 *
 * @param most characters
 * @param of string schema to start from, for example one that trims
 * @returns Zod schema
 * @throws never
 * @source house convention
 * @example text(2).safeParse("abc").success // → false
 */
export const text = (most: number, of = z.string()) =>
  of
    .max(most, `At most ${most} characters.`)
    .refine((t) => !t.includes("\0"), "A text may hold no null sign: type it again.");

/**
 * Schema of a number a person may leave blank, not stated unless given.
 *
 * @param what the thing as the message names it
 * @param least smallest value
 * @param most largest value
 * @param unit unit the message names
 * @returns Zod schema, null by default
 * @throws never
 * @source house convention
 * @example amount("Solids", 0, 100, "%").safeParse(101).success // → false
 */
export const amount = (what: string, least: number, most: number, unit: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(
      least,
      least === 0 ? `${what} cannot be below zero.` : `${what} is below ${least} ${unit}. Check the unit.`,
    )
    .max(most, `${what} is above ${most} ${unit}. Check the unit.`)
    .nullable()
    .default(null);

/**
 * Schema of a choice a person may leave open.
 *
 * @param values what may be picked
 * @returns Zod schema, null by default
 * @throws never
 * @source house convention
 * @example known(["a", "b"]).parse(undefined) // → null
 */
export const known = <T extends readonly [string, ...string[]]>(values: T) =>
  z.enum(values).nullable().default(null);
