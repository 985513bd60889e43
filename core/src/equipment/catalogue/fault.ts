/** One thing wrong with a catalogue, at its place. */
export interface CatalogueFault {
  readonly file: string;
  /** Row of the list, counted from 1; null for the whole file. */
  readonly row: number | null;
  readonly field: string;
  readonly reason: string;
}

/** The same, before it is known which file is being read. */
export type FaultInFile = Omit<CatalogueFault, "file">;
