/** What a cell was read as. */
export type Reading =
  | {
      readonly value: unknown;
      /** Fields of the same tag that the cell states besides, as in "900 RTJ". */
      readonly also?: Readonly<Record<string, unknown>>;
      /** What was taken for granted, for a person to look at. */
      readonly guess?: string;
      /** What stood there says more than the value does, and is kept among the remarks. */
      readonly keep?: true;
    }
  /** A cell that states a range: two figures, or three with the normal one between. */
  | { readonly ends: Ends; readonly guess?: string }
  | { readonly reason: string };

export interface Ends {
  readonly low: number;
  readonly normal: number | null;
  readonly high: number;
}

/** A cell of a list: spreadsheets hold figures as figures. */
export type Cell = string | number;
