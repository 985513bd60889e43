/**
 * Writes a figure for readers: up to four significant figures, at most one decimal from 10 up, a thin space between
 * thousands. Stored and chained values are never rounded.
 *
 * @param value any finite number
 * @returns text with a true minus sign
 * @source house convention for reading
 * @example figure(67.64) // → "67.6"
 */
export function figure(value: number): string {
  const size = Math.abs(value);
  const decimals = size >= 1000 ? 0 : size >= 10 || size === 0 ? 1 : size >= 1 ? 2 : 3;
  const fixed = size.toFixed(decimals);
  const [whole, part] = fixed.split(".") as [string, string?];
  const kept = part?.replace(/0+$/, "") ?? "";
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, "\u2009");
  const sign = value < 0 && Number(fixed) !== 0 ? "−" : "";
  return `${sign}${grouped}${kept ? `.${kept}` : ""}`;
}

/**
 * Writes a margin for people.
 *
 * @param margin fraction or kelvin
 * @param unit "%" or "K"
 * @returns for example "+6 %" or "−12 K"; rounded towards the worse so that a margin never reads too well
 * @source house convention for reading
 * @example marginText(0.0659, "%") // → "+6 %"
 */
export function marginText(margin: number, unit: "%" | "K"): string {
  const worse = Math.floor((unit === "%" ? margin * 100 : margin) + 1e-9);
  // Above ten times the limit the percentage tells a reader nothing.
  if (unit === "%" && worse > 999) return "";
  return `${worse < 0 ? "−" : "+"}${Math.abs(worse)} ${unit}`;
}
