/** Highest surface temperature of a class, °C (IEC 60079-0). */
export const temperatureClasses = { T1: 450, T2: 300, T3: 200, T4: 135, T5: 100, T6: 85 } as const;
export type TemperatureClass = keyof typeof temperatureClasses;

/** Each covers those before it. */
export const gasGroups = ["IIA", "IIB", "IIC"] as const;
export const dustGroups = ["IIIA", "IIIB", "IIIC"] as const;
export type GasGroup = (typeof gasGroups)[number];
export type DustGroup = (typeof dustGroups)[number];

/** How often the atmosphere is there: 0 nearly always, 1 now and then, 2 hardly ever. */
export type Level = 0 | 1 | 2;

/**
 * The words of a designation, one after the other.
 *
 * @param text as it is written
 * @returns words in capitals, punctuation dropped
 * @example wordsOf("Class I, Div. 2")[1] // → "I"
 */
export const wordsOf = (text: string): string[] =>
  text
    .toUpperCase()
    .replace(/DIVISION|DIV\./g, "DIV ")
    .replace(/GROUPS|GROUP|GRP|GR\./g, "GROUP ")
    .replace(/[,;:()[\]]/g, " ")
    .split(/\s+/)
    .filter(Boolean);

/**
 * A temperature class among words.
 *
 * @param words in capitals
 * @returns T1 to T6, a letter behind it dropped as the stricter one is not claimed; null where there is none
 * @example temperatureClassIn(["IIB", "T3C"]) // → "T3"
 */
export function temperatureClassIn(words: readonly string[]): TemperatureClass | null {
  const word = words.find((w) => /^T[1-6][A-D]?$/.test(w));
  return word ? (word.slice(0, 2) as TemperatureClass) : null;
}

/**
 * A surface temperature among words, as dust equipment states it.
 *
 * @param words in capitals
 * @returns °C; null where there is none
 * @example surfaceIn(["IIIC", "T135°C"]) // → 135
 */
export function surfaceIn(words: readonly string[]): number | null {
  const word = words.find((w) => /^T\d{2,3}(°?C)$/.test(w));
  return word ? Number(word.replace(/\D/g, "")) : null;
}

/** Dust groups of the divisions by their letters, the nearest group of the zones beside each. */
export const divisionDusts: Readonly<Record<string, DustGroup>> = { E: "IIIC", F: "IIIB", G: "IIIB" };

/**
 * Letters of gas or dust groups of the division system among words.
 *
 * @param words in capitals
 * @returns letters A to G that stand behind the word group
 * @example lettersIn(["GROUP", "C", "D", "T4"]) // → ["C","D"]
 */
export function lettersIn(words: readonly string[]): string[] {
  const at = words.indexOf("GROUP");
  if (at < 0) return [];
  const letters: string[] = [];
  for (const word of words.slice(at + 1)) {
    if (word === "AND" || word === "&") continue;
    if (!/^[A-G]$/.test(word)) break;
    letters.push(word);
  }
  return letters;
}
