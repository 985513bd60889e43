import type { CaseKind } from "../fields/words.ts";
import { newCase } from "../statement/case-kinds.ts";
import { emptyDuty } from "../statement/duty.ts";
import { valueAt, withValueAt } from "../statement/shape.ts";
import { hints } from "./hints.ts";

/** A word in a list that matters to the duty: offered, never applied by itself. */
export interface Suggestion {
  readonly row: number;
  readonly number: string;
  /** Heading of its column. */
  readonly column: string;
  /** The words as written. */
  readonly words: string;
  /** Path of the field it speaks of. */
  readonly field: string;
  /** Value it would set; null where the user must decide. */
  readonly value: unknown;
  readonly says: string;
}

/**
 * Changes that the words of a tag suggest for its duty.
 *
 * @param texts texts by heading
 * @param row row of the file
 * @param number tag number
 * @returns one suggestion per subject, at its first place
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
      // "no solids", "not sour": a denied subject is no suggestion.
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
 * Key of a suggestion in a list.
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
 * @returns the duty with them; words are added to those of a set
 */
export function withSuggestions(duty: Drafted, accepted: readonly Suggestion[]): Drafted {
  let previous = duty;
  for (const { field, value } of accepted) {
    if (value === null) continue;
    if (field === "cases") {
      const added = newCase(value as CaseKind, emptyDuty, `c${previous.cases.length + 1}`);
      previous = { ...previous, cases: [...previous.cases, { ...added }] };
      continue;
    }
    const there = valueAt(previous, field);
    const next = Array.isArray(value)
      ? [...new Set([...((there as string[] | null) ?? []), ...value])]
      : value;
    previous = withValueAt(previous, field, next);
  }
  return previous;
}
