import { cleanText } from "./clean.ts";

/** Every dash there is, and the minus. */
const dashes = /[\p{Pd}\u2212\u00af\u02d7]/gu;

/**
 * A key that is equal for tag numbers that look alike: case, kinds of dash, blanks and width do not matter.
 *
 * @param number tag number as written
 * @returns the key; equal for numbers alike to the eye
 * @source Unicode Standard Annex 15 (NFKC)
 * @example tagKey("xv–1001 a") === tagKey("XV-1001  A") // → true
 */
export function tagKey(number: string): string {
  return cleanText(number)
    .normalize("NFKC")
    .replace(dashes, "-")
    .replace(/\s+/gu, " ")
    .trim()
    .toUpperCase()
    .normalize("NFC");
}
