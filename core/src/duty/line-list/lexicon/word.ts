import { distance } from "fastest-levenshtein";
import type { Concept } from "./concept.ts";
import { longWords, phrases, takenApart } from "./phrases.ts";

/** Meanings of a word, with confidence. */
export interface Meaning {
  readonly concepts: readonly (readonly Concept[])[];
  readonly sure: number;
}

const same = (words: readonly string[]): readonly Concept[] | null => {
  const [first, ...others] = words.map((word) => phrases.get(word)!);
  if (!first) return null;
  const shared = first.filter((concept) => others.every((list) => list.includes(concept)));
  return shared.length > 0 ? shared : null;
};

/** How many signs may be wrong in a word of a length. */
const slips = (length: number) => (length >= 9 ? 2 : length >= 5 ? 1 : 0);

function misspelt(word: string): readonly Concept[] | null {
  const maximumSlips = slips(word.length);
  if (maximumSlips === 0) return null;
  let best = maximumSlips + 1;
  let found: string[] = [];
  for (const known of longWords) {
    if (Math.abs(known.length - word.length) > maximumSlips || known[0] !== word[0]) continue;
    const far = distance(word, known);
    if (far > maximumSlips || far > best) continue;
    found = far < best ? [known] : [...found, known];
    best = far;
  }
  return same(found);
}

/** Two letters swapped count as one typing error. */
function swapped(word: string): readonly Concept[] | null {
  if (word.length < 5) return null;
  const others = Array.from({ length: word.length - 1 }, (_, index) =>
    [word.slice(0, index), word[index + 1], word[index], word.slice(index + 2)].join(""),
  );
  return same(others.filter((other) => phrases.has(other)));
}

/** Two words joined, the first with a typing error. */
function slipBefore(word: string): (readonly Concept[])[] | null {
  for (let index = 5; index <= word.length - 4; index++) {
    const [after, before] = [takenApart(word.slice(index)), misspelt(word.slice(0, index))];
    if (after && before) return [before, ...after];
  }
  return null;
}

/** Abbreviated words, as in "Oper." or "Connect". */
const cutShort = (word: string): readonly Concept[] | null =>
  word.length < 3 ? null : same(longWords.filter((known) => known.startsWith(word)));

/**
 * Meanings of one word of a heading: as written, as a compound, abbreviated, or with a typing error.
 *
 * @param word in plain letters
 * @returns its meanings; null where nothing like it is known
 * @example meaningOf("temprature").concepts[0].includes("temperature") // → true
 */
export function meaningOf(word: string): Meaning | null {
  const known = phrases.get(word);
  if (known) return { concepts: [known], sure: 1 };
  const parts = word.length >= 6 ? takenApart(word) : null;
  if (parts) return { concepts: parts, sure: 0.98 };
  const short = cutShort(word);
  if (short) return { concepts: [short], sure: 0.96 };
  const slip = swapped(word) ?? misspelt(word);
  if (slip) return { concepts: [slip], sure: 0.9 };
  const both = word.length >= 9 ? slipBefore(word) : null;
  return both ? { concepts: both, sure: 0.88 } : null;
}
