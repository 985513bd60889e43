import { figure, marginText } from "./figures.ts";
import { npsLabel } from "./sizes.ts";
import type { Unit } from "./unit.ts";
import { inSystem, type Reading, shownUnit } from "./units.ts";

/**
 * Whether sizes are shown in NPS: they are where lengths are in inches.
 *
 * @param reading system and units of their own
 * @returns true for inches
 * @source house convention for reading
 * @example readsInches({ system: "US" }) // → true
 */
export function readsInches(reading: Reading): boolean {
  return shownUnit("length", reading) === "in";
}

/**
 * A nominal size in the language of the reader.
 *
 * @param dn nominal size, DN
 * @param reading system and units of their own
 * @returns for example "DN 40" or "NPS 1½"
 * @source ISO 6708 / ASME B36.10 size pairs
 * @example sizeText(40, { system: "US" }) // → "NPS 1½"
 */
export function sizeText(dn: number, reading: Reading): string {
  return readsInches(reading) ? npsLabel(dn) : `DN ${dn}`;
}

/**
 * A figure of a finding in the reader's units, with its unit.
 *
 * @param value in the finding's unit; words pass through
 * @param unit the finding's unit
 * @param reading system, gauge or absolute, units of their own
 * @returns text; a dash for nothing
 * @source house convention for reading
 * @example figureText(100, "°C", { system: "US" }) // → "212 °F"
 * @example figureText(5, "°", { system: "metric" }) // → "5°"
 */
export function figureText(value: number | string | null, unit: Unit, reading: Reading): string {
  if (value === null) return "–";
  if (typeof value === "string") return value;
  if (unit === "DN") return sizeText(value, reading);
  const shown = inSystem(value, unit, reading);
  if (unit === "°") return `${figure(shown.value)}°`;
  return `${figure(shown.value)}${shown.unit ? ` ${shown.unit}` : ""}`;
}

/**
 * A margin in the reader's degrees, or in per cent.
 *
 * @param margin fraction or kelvin; null where there is none
 * @param unit "%" or "K"; null where there is none
 * @param reading system and units of their own
 * @returns for example "+6 %" or "+18 °F"; nothing where there is no margin
 * @source house convention for reading
 * @example marginWords(10, "K", { system: "US" }) // → "+18 °F"
 */
export function marginWords(margin: number | null, unit: "%" | "K" | null, reading: Reading): string {
  if (margin === null || unit === null) return "";
  return unit === "K" && shownUnit("temperature difference", reading) === "°F"
    ? marginText(margin * 1.8, "K").replace("K", "°F")
    : marginText(margin, unit);
}
