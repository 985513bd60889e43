/** Highest surface temperature of a class, °C (IEC 60079-0); with a letter, of the division system (NFPA 70, 500.8). */
const classes: Readonly<Record<string, number>> = {
  T1: 450,
  T2: 300,
  T2A: 280,
  T2B: 260,
  T2C: 230,
  T2D: 215,
  T3: 200,
  T3A: 180,
  T3B: 165,
  T3C: 160,
  T4: 135,
  T4A: 120,
  T5: 100,
  T6: 85,
};

/** The coolest surface any class asks for, °C. */
export const coolestC = 85;

/** Each covers those before it. */
export const gasGroups = ["IIA", "IIB", "IIB+H2", "IIC"] as const;
export const dustGroups = ["IIIA", "IIIB", "IIIC"] as const;

/** Groups of the division system by letter: each must be named, because none covers another. */
export const gasLetters = ["A", "B", "C", "D"] as const;
export const dustLetters = ["E", "F", "G"] as const;

/** How often the atmosphere is there: 0 nearly always, 1 now and then, 2 hardly ever. */
export type Level = 0 | 1 | 2;

export type AreaSystem = "zone" | "division";

/** Data on gas or on dust, of a place or a nameplate. */
export interface Atmosphere {
  readonly level: Level;
  /** Empty where none is stated. */
  readonly groups: readonly string[];
  /** Highest surface, °C; null where it is not stated. */
  readonly surfaceC: number | null;
}

/**
 * The words of a designation, in order.
 *
 * @param text as it is written
 * @returns words in capitals, punctuation dropped, strokes on their own
 * @example wordsOf("Class I, Div. 2")[2] // → "DIV"
 */
export const wordsOf = (text: string): string[] =>
  text
    .toUpperCase()
    .replace(/IIB\s*\+\s*(H2|H₂|HYDROGEN)/g, " IIB+H2 ")
    .replace(/DIVISION|DIV\./g, "DIV ")
    .replace(/GROUPS|GROUP|GRP|GR\./g, "GROUP ")
    .replace(/\.{2,}|…|\//g, " / ")
    .replace(/[,;:]/g, " ")
    .split(/\s+/)
    .filter(Boolean);

/**
 * Surface temperature a word states.
 *
 * @param word in capitals
 * @returns °C of a class, or as dust equipment states it; null where it states none
 * @example surfaceOf("T135°C") // → 135
 */
export function surfaceOf(word: string): number | null {
  const stated = /^T(\d{2,3})°?C$/.exec(word)?.[1];
  return stated ? Number(stated) : (classes[word] ?? null);
}

/**
 * Those groups that occur among the words.
 *
 * @param words in capitals
 * @param groups to look for
 * @returns those found, in the order of the groups
 * @example groupsAmong(["IIB", "T3"], ["IIA", "IIB"]) // → ["IIB"]
 */
export const groupsAmong = (words: readonly string[], groups: readonly string[]): string[] =>
  groups.filter((group) => words.includes(group));

/**
 * Parts of a designation in the division system, split at each "class".
 *
 * @param words in capitals
 * @returns words of each part
 * @example partsByClass(["CLASS", "I", "DIV", "1", "CLASS", "II", "DIV", "2"]).length // → 2
 */
export function partsByClass(words: readonly string[]): string[][] {
  const parts: string[][] = [];
  for (const word of words)
    if (word === "CLASS") parts.push([]);
    else parts.at(-1)?.push(word);
  return parts;
}
