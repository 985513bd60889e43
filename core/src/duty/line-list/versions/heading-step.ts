/** One step of the line lists this program writes: they name no format, and are known by their headings. */
export interface HeadingStep {
  readonly says: string;
  readonly isOld: (headings: readonly string[]) => boolean;
  readonly upcast: (headings: readonly string[]) => string[];
}
