/** The decimal sign of a list. */
export type Decimal = "." | ",";

const shape = /^[-+]?(?:\d[\d.,]*|[.,]\d+)(?:e[-+]?\d+)?$/i;

/** Whether every group between two signs for thousands has three figures. */
const grouped = (text: string, sign: "." | ",") => {
  const [first, ...others] = text.split(sign);
  return first!.replace(/^[-+]/, "").length <= 3 && others.every((group) => /^\d{3}$/.test(group));
};

function plainDigits(text: string, decimal: Decimal): string | null {
  const other = decimal === "." ? "," : ".";
  const [points, commas] = [text.split(".").length - 1, text.split(",").length - 1];
  if (points > 0 && commas > 0) {
    // The last sign is the decimal one, whatever the list uses elsewhere.
    const last = text.lastIndexOf(".") > text.lastIndexOf(",") ? "." : ",";
    const thousands = last === "." ? "," : ".";
    const [whole, ...fraction] = text.split(last);
    if (fraction.length !== 1 || !grouped(whole!, thousands)) return null;
    return `${whole!.replaceAll(thousands, "")}.${fraction[0]}`;
  }
  const sign = points > 0 ? "." : ",";
  const count = points + commas;
  if (count === 0) return text;
  if (count > 1) return grouped(text, sign) ? text.replaceAll(sign, "") : null;
  // One sign with three figures behind it parts thousands, unless it is the list's decimal sign.
  if (sign === other && /^[-+]?[1-9]\d{0,2}[.,]\d{3}$/.test(text)) return text.replace(sign, "");
  return text.replace(",", ".");
}

/**
 * Reads a numeral as lists write it: thousands parted by blanks, points, commas or apostrophes, either decimal sign.
 *
 * @param text without a unit
 * @param decimal decimal sign of the list, for numerals that leave it open
 * @returns the number; null where it is none
 * @source practice of the countries the lists come from
 * @example parseNumeral("1.450,5", ".") // → 1450.5
 */
export function parseNumeral(text: string, decimal: Decimal): number | null {
  const bare = text
    .trim()
    .replace(/[−–](?=[\d.,])/, "-")
    .replace(/(?<=\d)[\s\u00a0\u2009\u202f'’](?=\d{3}(?!\d))/g, "");
  if (!shape.test(bare)) return null;
  const [mantissa, exponent] = bare.split(/e/i) as [string, string?];
  const digits = plainDigits(mantissa, decimal);
  if (digits === null) return null;
  const value = Number(exponent === undefined ? digits : `${digits}e${exponent}`);
  return Number.isFinite(value) ? value : null;
}

/**
 * Decimal sign of a list, from numerals that have only one reading.
 *
 * @param cells texts of its cells
 * @param otherwise sign where no numeral decides
 * @returns "." or ","
 * @example decimalOf(["12,5", "1.450"], ".") // → ","
 */
export function decimalOf(cells: Iterable<string>, otherwise: Decimal): Decimal {
  let [points, commas] = [0, 0];
  for (const cell of cells) {
    if (/(^|[^\d.,])\d+,(\d{1,2}|\d{4,})(?![\d.,])|\d\.\d{3},\d/.test(cell)) commas++;
    if (/(^|[^\d.,])\d+\.(\d{1,2}|\d{4,})(?![\d.,])|\d,\d{3}\.\d/.test(cell)) points++;
  }
  return commas === points ? otherwise : commas > points ? "," : ".";
}
