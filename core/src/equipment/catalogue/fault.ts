/** One thing wrong with a catalogue, at its place. */
export interface CatalogueFault {
  readonly file: string;
  /** Row of the list the fault stands in, counted from 1; null for the file as a whole. */
  readonly row: number | null;
  readonly field: string;
  readonly reason: string;
}

/** The same, before it is known which file is being read. */
export type FaultInFile = Omit<CatalogueFault, "file">;
