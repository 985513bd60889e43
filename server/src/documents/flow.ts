import type { Document } from "./page.ts";

/** Input of a block: start, lowest y, and how to continue on another page. */
export interface Flow {
  readonly doc: Document;
  readonly y: number;
  /** Lower limit of a page for blocks that may be split. */
  readonly lowest: number;
  /** Place of the signatures on their page. */
  readonly signatures: number;
  readonly nextPage: () => number;
}
