/**
 * Parses a typed number.
 *
 * @param text with a point or a comma, and the unit behind it or not
 * @param unit that may follow it
 * @returns the figure, null of nothing typed; not a number where it is none
 */
export function readNumber(text: string, unit = ""): number | null {
  const typed = text.replace(unit, "").replace(",", ".").trim();
  return typed === "" ? null : Number(typed);
}
