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

/** A value that is not understood, listed once for all its rows. */
export interface UnknownValue {
  readonly column: string;
  readonly field: string;
  readonly value: string;
  readonly rows: readonly number[];
  readonly reason: string;
}

/** Decisions of the user on a list, besides the places of its columns. */
export interface Decisions extends Mended {
  /** Rows that are left out on purpose. */
  readonly leftOut?: readonly number[];
  /** Decision on contradicting rows of one tag, by the tag's key. */
  readonly pairs?: Readonly<Record<string, Pair>>;
  /** Guesses that were undone, as "key|field". */
  readonly undone?: readonly string[];
  /** Suggestions that were accepted, by `suggestionKey`. */
  readonly accepted?: readonly string[];
}

/** Result of reading a list: complete tags, and everything else at its place. */
export interface ListReading {
  readonly tags: readonly ListedTag[];
  /** First row of each tag, by its place among the tags. */
  readonly rows: readonly number[];
  readonly faults: readonly LineListFault[];
  readonly unknown: readonly UnknownValue[];
  readonly guesses: readonly Guess[];
  readonly suggestions: readonly Suggestion[];
  /** Contradicting rows of one tag. */
  readonly pairs: readonly {
    readonly number: string;
    readonly key: string;
    readonly rows: readonly number[];
  }[];
  /** Rows that belong to no complete tag: those with a fault, and the other rows of their tags. */
  readonly waiting: readonly number[];
  /** Rows that repeat another row. */
  readonly repeated: readonly { readonly row: number; readonly as: number }[];
}
