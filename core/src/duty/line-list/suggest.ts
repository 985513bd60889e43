import type { CaseKind } from "../fields/words.ts";
import { newCase } from "../statement/case-kinds.ts";
import { emptyDuty } from "../statement/duty.ts";
import { valueAt, withValueAt } from "../statement/shape.ts";
import { hints } from "./hints.ts";

/** A word in a list that matters to the duty: offered, never applied by itself. */
export interface Suggestion {
  readonly row: number;
  readonly number: string;
  /** Heading of the column it stands in. */
  readonly column: string;
  /** The words as they stand. */
  readonly words: string;
  /** Path of the field it speaks of. */
  readonly field: string;
  /** What it would be set to; null where a person has to say. */
  readonly value: unknown;
  readonly says: string;
}

/**
 * What the words of a tag would change in its duty.
 *
 * @param texts texts by the heading they stand under
 * @param row row of the file
 * @param number tag number
 * @returns one suggestion for each thing spoken of, at its first place
 * @source practice: words that decide seats, torque and materials
 * @example suggestionsIn({ Remarks: "steamed out monthly" }, 5, "XV-1")[0].value // → "steam-out"
 */
export function suggestionsIn(
  texts: Readonly<Record<string, string>>,
  row: number,
  number: string,
): Suggestion[] {
  const found: Suggestion[] = [];
  for (const { words, field, value, says } of hints)
    for (const [column, text] of Object.entries(texts)) {
      const match = words.exec(text);
      // "no solids", "not sour": what is denied is not spoken of.
      if (
        !match ||
        /\b(no|non|not|without|ohne|kein\w*|sans|sin|senza|sem|geen|zonder)[\s-]+\S*$/i.test(
          text.slice(0, match.index),
        )
      )
        continue;
      found.push({ row, number, column, words: match[0], field, value, says });
      break;
    }
  return found;
}

/**
 * What names a suggestion among those of a list.
 *
 * @param suggestion a suggestion
 * @returns a key
 */
export const suggestionKey = ({ number, field, words }: Suggestion): string => `${number}|${field}|${words}`;

type Drafted = { readonly cases: readonly Record<string, unknown>[] } & Record<string, unknown>;

/**
 * A duty with suggestions that a person has accepted; those without a value change nothing.
 *
 * @param duty a duty as a list states it
 * @param accepted suggestions of its tag
 * @returns the duty with them; words of sets stand beside those that are there
 */
export function withSuggestions(duty: Drafted, accepted: readonly Suggestion[]): Drafted {
  let so = duty;
  for (const { field, value } of accepted) {
    if (value === null) continue;
    if (field === "cases") {
      const added = newCase(value as CaseKind, emptyDuty, `c${so.cases.length + 1}`);
      so = { ...so, cases: [...so.cases, { ...added }] };
      continue;
    }
    const there = valueAt(so, field);
    const next = Array.isArray(value)
      ? [...new Set([...((there as string[] | null) ?? []), ...value])]
      : value;
    so = withValueAt(so, field, next);
  }
  return so;
}
