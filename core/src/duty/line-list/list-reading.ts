import type { Duty } from "../statement/duty.ts";
import type { Pair } from "./duplicates.ts";
import type { Guess } from "./fluid-guess.ts";
import type { LineListFault, Mended } from "./row.ts";
import type { Suggestion } from "./suggest.ts";

/** A tag as a line list brings it. */
export interface ListedTag {
  readonly number: string;
  readonly service: string;
  readonly unit: string;
  /** Texts of columns that are no part of a duty, by their headings. */
  readonly remarks: Readonly<Record<string, string>>;
  readonly duty: Duty;
}

/** A value nobody understands, once for all the rows that have it. */
export interface UnknownValue {
  readonly column: string;
  readonly field: string;
  readonly value: string;
  readonly rows: readonly number[];
  readonly reason: string;
}

/** What a person has decided about a list, besides where its columns go. */
export interface Decisions extends Mended {
  /** Rows that are left out on purpose. */
  readonly leftOut?: readonly number[];
  /** What is done with rows of one tag that do not agree, by the tag's key. */
  readonly pairs?: Readonly<Record<string, Pair>>;
  /** Guesses that were undone, as "key|field". */
  readonly undone?: readonly string[];
  /** Suggestions that were accepted, by `suggestionKey`. */
  readonly accepted?: readonly string[];
}

/** A list as far as it is understood: tags that are whole, and at its place whatever is not. */
export interface ListReading {
  readonly tags: readonly ListedTag[];
  /** First row of each tag, by its place among the tags. */
  readonly rows: readonly number[];
  readonly faults: readonly LineListFault[];
  readonly unknown: readonly UnknownValue[];
  readonly guesses: readonly Guess[];
  readonly suggestions: readonly Suggestion[];
  /** Rows of one tag that do not agree. */
  readonly pairs: readonly {
    readonly number: string;
    readonly key: string;
    readonly rows: readonly number[];
  }[];
  /** Rows that are in none of the tags: those with a fault, and the others of their tags. */
  readonly waiting: readonly number[];
  /** Rows that say what another says already. */
  readonly repeated: readonly { readonly row: number; readonly as: number }[];
}
