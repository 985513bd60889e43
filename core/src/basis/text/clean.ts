/** Invisible characters: soft hyphen, zero-width ones, direction marks and overrides, joiners, tags. */
const invisible =
  /[\u00ad\u061c\u180e\u200b-\u200f\u202a-\u202e\u2060-\u2064\u2066-\u206f\ufeff\u{e0000}-\u{e007f}]/gu;
const mayNeedCleaning = /[^\t\n\r -~]/;
const loneSurrogate = /\p{Surrogate}/u;
// biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is looked for
const control = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\ufffe\uffff]/;

/**
 * Characters that cannot be stored: half a character, or a control character other than tab and line end.
 *
 * @param text as sent
 * @returns a sentence that names the sign by number, null where there is none
 * @source the Unicode standard, chapters 2.4 and 23.1
 * @example textFault("a\u0007") // → "The text contains the control character U+0007. Type it again without this character."
 */
export function textFault(text: string): string | null {
  if (!mayNeedCleaning.test(text)) return null;
  if (loneSurrogate.test(text))
    return "The text contains half a character (a lone surrogate). Type it again.";
  const found = control.exec(text);
  if (found === null) return null;
  const code = found[0].charCodeAt(0).toString(16).toUpperCase().padStart(4, "0");
  return `The text contains the control character U+${code}. Type it again without this character.`;
}

/**
 * A text as it looks: composed (NFC), without invisible characters.
 *
 * @param text without faults
 * @returns the text to keep
 * @source Unicode Standard Annex 15 (NFC) and 9 (direction)
 * @example cleanText("XV-\u200b1001") // → "XV-1001"
 */
export function cleanText(text: string): string {
  return mayNeedCleaning.test(text) ? text.replace(invisible, "").normalize("NFC") : text;
}
