import { isUnitWritten } from "../../basis/units/written.ts";
import type { Concept } from "./lexicon/concept.ts";
import { longestPhrase, phrases } from "./lexicon/phrases.ts";
import { plain } from "./lexicon/plain.ts";
import { meaningOf } from "./lexicon/word.ts";

/** One word or phrase of a heading: everything it can mean, and how sure that is. */
export interface Slot {
  readonly concepts: readonly Concept[];
  readonly sure: number;
}

/** A heading in parts. */
export interface HeadingSense {
  readonly slots: readonly Slot[];
  /** Unknown words. */
  readonly unknown: number;
}

/** Abbreviations that are a quantity and its state at once. */
const contractions: readonly (readonly [RegExp, string])[] = [
  [/\b(mawp|maop|mop)\b/giu, "maximum pressure"],
  [/\bmdmt\b/giu, "minimum design temperature"],
  [/\bPS\b/gu, "design pressure"],
  [/\bTS\b/gu, "design temperature"],
];

const apart = (heading: string) =>
  contractions
    .reduce((text, [short, long]) => text.replace(short, long), heading)
    .replace(/(\p{Ll}{3,})(\p{Lu})/gu, "$1 $2")
    .replace(/\b(p|t|q|dp)[._ -]?(max|min|nom|norm|oper|des|design|vor|nach|in|out|mini|maxi)\b/giu, "$1 $2");

/** Separates a heading from its unit; other text in brackets is returned apart. */
function withoutUnit(heading: string): { words: string; bracketed: string } {
  let bracketed = "";
  const outside = apart(heading).replace(/[([{]([^)\]}]*)[)\]}]?/g, (_, inside: string) => {
    if (!isUnitWritten(inside)) bracketed += ` ${inside}`;
    return " ";
  });
  const words = outside
    .trim()
    .split(/[\s,;:]+/u)
    .filter(Boolean);
  for (const count of [2, 1])
    if (words.length > count && isUnitWritten(words.slice(-count).join(" ")))
      return { words: words.slice(0, -count).join(" "), bracketed };
  return { words: words.join(" "), bracketed };
}

/**
 * A heading in small letters without the unit it names.
 *
 * @param heading as written
 * @returns words separated by single spaces; other text in brackets stays
 * @example headingWithoutUnit("Upstream (bar g)") // → "upstream"
 */
export function headingWithoutUnit(heading: string): string {
  const { words, bracketed } = withoutUnit(heading);
  return `${words}${bracketed}`.toLowerCase().replace(/_/g, " ").trim();
}

const parts = (words: string): string[] =>
  plain(words)
    .split(" ")
    .filter(Boolean)
    .flatMap((word) =>
      phrases.has(word) || !/[-/+&%]/.test(word) ? [word] : word.split(/[-/+&%]+/).filter(Boolean),
    );

function slotsOf(words: readonly string[]): { slots: Slot[]; unknown: number } {
  const slots: Slot[] = [];
  let unknown = 0;
  for (let position = 0; position < words.length; ) {
    let used = 0;
    for (let count = Math.min(longestPhrase, words.length - position); count > 0 && used === 0; count--) {
      const concepts = phrases.get(words.slice(position, position + count).join(" "));
      if (!concepts) continue;
      slots.push({ concepts, sure: 1 });
      used = count;
    }
    if (used === 0) {
      used = 1;
      const word = words[position]!;
      const meaning = /^\d+$/.test(word) ? { concepts: [], sure: 1 } : meaningOf(word);
      if (meaning) for (const concepts of meaning.concepts) slots.push({ concepts, sure: meaning.sure });
      else unknown++;
    }
    position += used;
  }
  return { slots, unknown };
}

/**
 * Splits a heading into the meanings of its words, in any language of the lexicon.
 *
 * @param heading as written, with the heading above it before it where there are two rows
 * @returns slots in order, and the number of unknown words
 * @source the lexicon (line-list/lexicon)
 * @example senseOf("Betriebsdruck (barü)").slots.length // → 2
 */
export function senseOf(heading: string): HeadingSense {
  const { words, bracketed } = withoutUnit(heading);
  const outside = slotsOf(parts(words));
  // Unknown words in brackets are an aside and cause no doubt.
  return { slots: [...outside.slots, ...slotsOf(parts(bracketed)).slots], unknown: outside.unknown };
}
