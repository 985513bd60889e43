/** Letters that do not decompose into a base letter and an accent. */
const letters: Readonly<Record<string, string>> = {
  ß: "ss",
  ø: "ø",
  œ: "oe",
  æ: "ae",
  ł: "l",
  Δ: " delta ",
  δ: " delta ",
  ρ: "rho",
  μ: "mu",
  "∆": " delta ",
};

/**
 * Text as words are compared: small letters without accents, signs for numbers as a word, other signs as blanks.
 *
 * @param text as written
 * @returns words with single blanks between
 * @example plain("N° de vanne") // → "no de vanne"
 */
export function plain(text: string): string {
  return text
    .normalize("NFC")
    .replace(/\b[nN]\s?[°º](?=\s|$)/g, "no ")
    .replace(/#|№/g, " no ")
    .replace(/[ßœæłΔδρμ∆]/g, (sign) => letters[sign]!)
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}&/+%-]+/gu, " ")
    .replace(/(?<![\p{L}\p{N}])[-/+]+|[-/+]+(?![\p{L}\p{N}])/gu, " ")
    .replace(/\s+/g, " ")
    .trim();
}
