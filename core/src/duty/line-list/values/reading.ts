/** Result of reading a cell. */
export type Reading =
  | {
      readonly value: unknown;
      /** Other fields of the tag that the cell states too, as in "900 RTJ". */
      readonly also?: Readonly<Record<string, unknown>>;
      /** Assumption for the user to check. */
      readonly guess?: string;
      /** The text says more than the value and is kept among the remarks. */
      readonly keep?: true;
    }
  /** A cell with a range: two numbers, or three with the normal one in the middle. */
  | { readonly ends: Ends; readonly guess?: string }
  | { readonly reason: string };

export interface Ends {
  readonly low: number;
  readonly normal: number | null;
  readonly high: number;
}

/** A cell of a list: spreadsheets hold figures as figures. */
export type Cell = string | number;
