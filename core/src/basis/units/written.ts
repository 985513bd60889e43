import { quantities } from "./definitions.ts";
import { writtenUnits } from "./tables/written-units.ts";

/** A unit as it is compared: small letters, without blanks, brackets, degree signs and dots. */
const plainUnit = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/℃/g, "c")
    .replace(/℉/g, "f")
    .replace(/[()[\]°º.·*\s_]/g, "")
    .replace(/²/g, "2")
    .replace(/³/g, "3")
    .replace(/^deg(rees?|s)?/, "");

const ofSizes = [
  "dn",
  "nps",
  "nb",
  "in",
  "inch",
  "inches",
  "mm",
  "zoll",
  "poll",
  "pol",
  "pulg",
  "pulgadas",
  "pouces",
  "pouce",
  "pollici",
  "polegadas",
  '"',
  "″",
  "''",
];
const others = [
  "%",
  "mg/l",
  "ppm",
  "days",
  "s",
  "sec",
  "a",
  "amp",
  "amps",
  "d",
  "-",
  "–",
  "sg",
  "wt%",
  "mol%",
  "vol%",
  "a-1",
  "1/a",
  "1/yr",
  "text",
  "y/n",
  "mpas",
  "cst",
];
const spelt = new Map<string, Map<string, string>>(
  quantities.map((quantity) => [
    quantity,
    new Map(
      writtenUnits[quantity].flatMap(({ label, alsoWritten }) =>
        [label, ...alsoWritten].map((written): [string, string] => [plainUnit(written), label]),
      ),
    ),
  ]),
);
const any = new Set(
  [...ofSizes, ...others, ...[...spelt.values()].flatMap((unitNames) => [...unitNames.keys()])].map(
    plainUnit,
  ),
);

/**
 * Whether a text is nothing but the name of a unit.
 *
 * @param text as written
 * @returns true for units of the table and of sizes, and for placeholders in a row of units
 * @source the product's unit table
 * @example isUnitWritten("bar(g)") // → true
 */
export const isUnitWritten = (text: string): boolean =>
  any.has(plainUnit(text)) || /^["″–-]$/.test(text.trim());

/**
 * The unit of a quantity that a text is the name of.
 *
 * @param text as written, for example "psig"
 * @param quantity what is measured
 * @returns unit label; null where it names none of the quantity
 * @source the product's unit table
 * @example unitNamed("kg/cm²g", "pressure") // → "kg/cm² g"
 */
export const unitNamed = (text: string, quantity: (typeof quantities)[number]): string | null =>
  spelt.get(quantity)!.get(plainUnit(text)) ?? null;
