import { z } from "zod";
import { parseDesignation } from "../../basis/reference/pressure-temperature.ts";
import type { Quantity } from "../../basis/units/definitions.ts";
import { nominalSizes } from "../../basis/units/sizes.ts";
import type { Field } from "./field.ts";
import { absoluteZeroC, pressureBarG, temperatureC, text as textUpTo, vacuumBarG } from "./limits.ts";

type Held<Stated> = Pick<Field<string, Stated>, "holds" | "schema">;
const open = <T>(schema: z.ZodType<T>): z.ZodType<T | null> => schema.nullable().default(null);

function figure(what: string, least: number, maximum: number, unit: string): z.ZodType<number | null> {
  const shown = unit ? ` ${unit}` : "";
  return open(
    z
      .number({ error: `${what} must be a number.` })
      .min(
        least,
        least === 0 ? `${what} cannot be below zero.` : `${what} is below ${least}${shown}. Check the unit.`,
      )
      .max(maximum, `${what} is above ${maximum}${shown}. Check the unit.`),
  );
}

/**
 * A figure without a unit people would want otherwise.
 *
 * @param what name in the message
 * @param range least and most
 * @param unit written behind it, "" for none
 * @returns type and schema of the field
 * @example number("Solids", [0, 80], "%").schema.safeParse(81).success // → false
 */
export const number = (
  what: string,
  [least, maximum]: readonly [number, number],
  unit = "",
): Held<number | null> => ({
  holds: { kind: "number", unit, least, most: maximum },
  schema: figure(what, least, maximum, unit),
});

/**
 * A figure readers have in their own units.
 *
 * @param quantity of the value; the range is in its home unit
 * @param what name in the message
 * @param range least and most
 * @param unit the home unit as the message writes it
 * @returns type and schema of the field
 * @example quantity("length", "Pipe bore", [1, 3000], "mm").schema.safeParse(0).success // → false
 */
export const quantity = (
  quantity: Quantity,
  what: string,
  [least, maximum]: readonly [number, number],
  unit: string,
): Held<number | null> => ({
  holds: { kind: "quantity", quantity: quantity, least, most: maximum },
  schema: figure(what, least, maximum, unit),
});

/** A gauge pressure anywhere between full vacuum and a likely slip of unit. */
export const pressure = (): Held<number | null> => ({
  holds: { kind: "quantity", quantity: "pressure", least: vacuumBarG, most: 1000 },
  schema: open(pressureBarG()),
});

/** A temperature anywhere between absolute zero and a likely slip of unit. */
export const temperature = (): Held<number | null> => ({
  holds: { kind: "quantity", quantity: "temperature", least: absoluteZeroC, most: 1200 },
  schema: open(temperatureC()),
});

/**
 * One of several words.
 *
 * @param options to select from
 * @param shown how people read an option
 * @returns type and schema of the field
 * @example choice(["a", "b"]).schema.parse(undefined) // → null
 */
export const choice = <const Option extends string>(
  options: readonly Option[],
  shown: (option: string) => string = (option) => option,
): Held<Option | null> => ({
  holds: { kind: "choice", options, shown },
  schema: open(z.enum(options)),
});

/**
 * Any number of several words; an empty list means none.
 *
 * @param options to select from
 * @returns type and schema of the field: each word once, in the order of the options
 * @example set(["a", "b"]).schema.parse(["b", "a", "b"]) // → ["a","b"]
 */
export const set = <const Option extends string>(options: readonly Option[]): Held<Option[] | null> => ({
  holds: { kind: "set", options },
  schema: open(
    z
      .array(z.enum(options))
      .transform((list) => options.filter((option) => (list as readonly Option[]).includes(option))),
  ),
});

/** Yes, no, or not stated. */
export const yesNo = (): Held<boolean | null> => ({
  holds: { kind: "yes-no" },
  schema: open(z.boolean()),
});

/**
 * A text that is read into something, not stated while blank.
 *
 * @param maximum characters
 * @param fault what is wrong with a text, as a sentence; null where it can be read
 * @param examples valid texts
 * @returns type and schema of the field
 * @example readable(9, (t) => (t === "a" ? null : "No a."), ["a"]).schema.safeParse("b").success // → false
 */
export const readable = (
  maximum: number,
  fault: (text: string) => string | null,
  examples: readonly string[],
): Held<string | null> => ({
  holds: { kind: "text", most: maximum, examples },
  schema: open(
    textUpTo(maximum).superRefine((stated, context) => {
      const message = fault(stated);
      if (message !== null) context.addIssue({ code: "custom", message });
    }),
  ),
});

/**
 * A text, not stated while blank.
 *
 * @param maximum characters
 * @returns type and schema of the field
 * @example text(2).schema.safeParse("abc").success // → false
 */
export const text = (maximum: number): Held<string | null> => ({
  holds: { kind: "text", most: maximum },
  schema: open(textUpTo(maximum)),
});

/** A nominal size. */
export const size = (): Held<number | null> => ({
  holds: { kind: "size" },
  schema: open(
    z.number({ error: "Size must be a number." }).refine((dn) => nominalSizes.includes(dn), {
      error: (issue) => `DN ${issue.input} is not a nominal size.`,
    }),
  ),
});

/** A class or a PN. */
export const designation = (): Held<string | null> => ({
  holds: { kind: "designation" },
  schema: open(
    z.string().refine((d) => parseDesignation(d) !== null, {
      error: (issue) => `"${issue.input}" is not a class or PN. Write "class 300" or "PN 40".`,
    }),
  ),
});
