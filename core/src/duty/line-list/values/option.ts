import { distance } from "fastest-levenshtein";
import { listed } from "../../../basis/text/listed.ts";
import type { LineListField } from "../fields.ts";
import { plain } from "../lexicon/plain.ts";
import type { Reading } from "./reading.ts";

interface Found {
  readonly option: string;
  readonly guess: boolean;
}

interface Written {
  readonly exact: ReadonlyMap<string, Found>;
  /** Phrases the longest first. */
  readonly phrases: readonly string[];
}

const known = new WeakMap<LineListField, Written>();

function writtenOf(field: LineListField, options: readonly string[]): Written {
  const there = known.get(field);
  if (there) return there;
  const exact = new Map<string, Found>();
  for (const [option, words] of Object.entries(field.written))
    for (const word of listed(words)) {
      const guess = word.startsWith("~");
      const phrase = plain(guess ? word.slice(1) : word);
      exact.set(phrase, { option, guess });
      // "oeffnet" is also written "öffnet", which without its dots is "offnet".
      exact.set(phrase.replace(/([aou])e/g, "$1"), { option, guess });
    }
  for (const option of options) exact.set(plain(option), { option, guess: false });
  const made = {
    exact,
    phrases: [...exact.keys()].filter((p) => p.length > 1).sort((a, b) => b.length - a.length),
  };
  known.set(field, made);
  return made;
}

const slip = (text: string, { exact }: Written): Found | null => {
  // Short words of different languages look alike: "ferma" stays where "ferme" closes.
  if (text.length < 7) return null;
  const maximumSlips = text.length >= 10 ? 2 : 1;
  const near = [...exact].filter(([phrase]) => phrase.length >= 7 && distance(phrase, text) <= maximumSlips);
  const options = new Set(near.map(([, found]) => found.option));
  return options.size === 1 ? { option: near[0]![1].option, guess: true } : null;
};

/**
 * The option a text means, as anybody in the trade may write it.
 *
 * @param text of the cell
 * @param field of the column, with its words
 * @param options its options
 * @returns the option and whether it is a guess; null where it means none, or more than one
 */
export function optionIn(text: string, field: LineListField, options: readonly string[]): Found | null {
  const written = writtenOf(field, options);
  const words = plain(text);
  const whole = written.exact.get(words);
  if (whole) return whole;
  const apart = ` ${words.replace(/[-/+&]/g, " ").replace(/\s+/g, " ")} `;
  const inside = written.phrases.filter((phrase) => apart.includes(` ${phrase.replace(/[-/+&]/g, " ")} `));
  const longest = inside.filter(
    (phrase) => !inside.some((other) => other !== phrase && other.includes(phrase)),
  );
  const found = longest.map((phrase) => written.exact.get(phrase)!);
  const sure = found.filter(({ guess }) => !guess);
  const meant = sure.length > 0 ? sure : found;
  if (new Set(meant.map(({ option }) => option)).size === 1)
    return { option: meant[0]!.option, guess: meant[0]!.guess };
  return found.length > 0 ? null : slip(words, written);
}

const readingOf = (cell: string, { option, guess }: Found): Reading =>
  guess && option.toLowerCase() !== cell.toLowerCase()
    ? { value: option, guess: `"${cell}" is read as ${option}.` }
    : { value: option };

/**
 * Reads a cell with one of several words.
 *
 * @param cell text
 * @param field of the column
 * @param options its options
 * @returns the option, marked where it is a guess, or the reason
 */
export function readOption(cell: string, field: LineListField, options: readonly string[]): Reading {
  const found = optionIn(cell, field, options);
  return found ? readingOf(cell, found) : { reason: `"${cell}" is not one of: ${options.join(", ")}.` };
}

/**
 * Reads a cell that holds any of several words.
 *
 * @param cell text; words are separated by semicolons, commas, plus signs, slashes or "and"
 * @param field of the column
 * @param options its options
 * @returns the options, or the reason
 */
export function readSet(cell: string, field: LineListField, options: readonly string[]): Reading {
  if (/^(none|no|non[- ]hazardous|keine?|aucun|ninguno|nessuno|nenhum|geen)$/i.test(cell.trim()))
    return { value: [] };
  const whole = optionIn(cell, field, options);
  if (whole && writtenOf(field, options).exact.has(plain(cell))) return { value: [whole.option] };
  const parts = cell.split(/\s*[;,+/&]\s*|\s+(?:and|und|et|y|e|en)\s+/i).filter((part) => part.trim() !== "");
  const found = parts.map((part) => optionIn(part, field, options));
  const unknown = parts.find((_, index) => found[index] === null);
  if (unknown === undefined && parts.length > 0) return { value: [...new Set(found.map((f) => f!.option))] };
  if (whole) return { value: [whole.option], guess: `"${cell}" is read as ${whole.option}.` };
  return {
    reason: `"${unknown ?? cell}" is not one of: ${options.join(", ")}. Separate several values with semicolons.`,
  };
}

const yes = /^(yes|y|true|1|x|✓|✔|ja|j|oui|o|s[ií]|s|sim|wahr|required|req'?d|req)$/i;
const no = /^(no|n|false|0|nein|non|n[aã]o|nee|falsch|not required|not req'?d)$/i;

/**
 * Reads a cell with yes or no.
 *
 * @param cell text
 * @returns true or false, or the reason
 * @example readYesNo("Ja") // → {"value":true}
 */
export function readYesNo(cell: string): Reading {
  if (yes.test(cell.trim())) return { value: true };
  return no.test(cell.trim()) ? { value: false } : { reason: `"${cell}" is not yes or no.` };
}
