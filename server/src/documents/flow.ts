import type { Document } from "./page.ts";

/** What a block is drawn with: from where, down to where, and how to go on on another page. */
export interface Flow {
  readonly doc: Document;
  readonly y: number;
  /** Where a page ends for what may be broken. */
  readonly lowest: number;
  /** Where signatures stand on their page. */
  readonly signatures: number;
  readonly nextPage: () => number;
}
