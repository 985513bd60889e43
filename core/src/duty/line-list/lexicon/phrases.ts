import { listed } from "../../../basis/text/listed.ts";
import type { Concept, Words } from "./concept.ts";
import { de } from "./de.ts";
import { en } from "./en.ts";
import { es } from "./es.ts";
import { fr } from "./fr.ts";
import { it } from "./it.ts";
import { nl } from "./nl.ts";
import { plain } from "./plain.ts";
import { pt } from "./pt.ts";
import { signs } from "./signs.ts";

const languages: readonly Words[] = [signs, en, de, fr, es, it, pt, nl];
/** Languages that write compounds as one word. */
const compounding: readonly Words[] = [signs, de, nl];

function phrasesOf(languages: readonly Words[]): Map<string, readonly Concept[]> {
  const found = new Map<string, Concept[]>();
  for (const words of languages)
    for (const [concept, list] of Object.entries(words) as [Concept, string][])
      for (const written of listed(list)) {
        const phrase = plain(written);
        const meanings = found.get(phrase) ?? [];
        if (!meanings.includes(concept)) meanings.push(concept);
        found.set(phrase, meanings);
      }
  return found;
}

/** Meanings of each phrase, in any language. */
export const phrases: ReadonlyMap<string, readonly Concept[]> = phrasesOf(languages);

/** Number of words in the longest phrase. */
export const longestPhrase = Math.max(...[...phrases.keys()].map((phrase) => phrase.split(" ").length));

/** Single words long enough to be recognised with a slip in them, or cut short. */
export const longWords: readonly string[] = [...phrases.keys()].filter(
  (phrase) => phrase.length >= 4 && !phrase.includes(" "),
);

const stems: ReadonlyMap<string, readonly Concept[]> = new Map(
  [...phrasesOf(compounding)].filter(([word]) => word.length >= 3 && !word.includes(" ")),
);
const longestStem = Math.max(...[...stems.keys()].map(({ length }) => length));
const joints = ["", "s", "n", "en", "es", "e", "er"];

/**
 * Splits a compound word.
 *
 * @param word in plain letters
 * @returns meanings of its parts, in order; null where it does not consist of known words
 * @example takenApart("betriebstemp").length // → 2
 */
export function takenApart(word: string): (readonly Concept[])[] | null {
  if (word === "") return [];
  for (let length = Math.min(longestStem, word.length); length >= 3; length--) {
    const meaning = stems.get(word.slice(0, length));
    if (!meaning) continue;
    const rest = word.slice(length);
    for (const joint of rest === "" ? [""] : joints) {
      if (!rest.startsWith(joint)) continue;
      const more = takenApart(rest.slice(joint.length));
      if (more) return [meaning, ...more];
    }
  }
  return null;
}
