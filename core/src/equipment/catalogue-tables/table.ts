import type { Catalogue } from "../catalogue/schema.ts";
import type { Cells, Column } from "./columns.ts";

/** One CSV table of a catalogue. */
export interface Table {
  readonly file: string;
  readonly says: string;
  readonly columns: readonly Column[];
  /** Rows of a catalogue. */
  readonly rows: (catalogue: Catalogue) => readonly Cells[];
}
