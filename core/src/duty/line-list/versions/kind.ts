import { headingsOfOldExports } from "./2-case-pressure-from.ts";
import { figuresWithUnits } from "./3-figures-with-units.ts";

/** One step of the line lists this program writes: they name no format, and are known by their headings. */
export interface HeadingStep {
  readonly says: string;
  readonly isOld: (headings: readonly string[]) => boolean;
  readonly upcast: (headings: readonly string[]) => string[];
}

const steps: readonly HeadingStep[] = [headingsOfOldExports, figuresWithUnits];

/**
 * Brings the headings of a list up to what this release writes. Lists of other programs pass unchanged.
 *
 * @param headings as written
 * @returns headings of the newest version, as many
 * @example newestHeadings(["Tag", "Size"]) // → ["Tag","Size"]
 */
export function newestHeadings(headings: readonly string[]): string[] {
  return steps.reduce<string[]>((so, step) => (step.isOld(so) ? step.upcast(so) : so), [...headings]);
}
