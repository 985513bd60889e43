import { headingsOfOldExports } from "./2-case-pressure-from.ts";
import { figuresWithUnits } from "./3-figures-with-units.ts";
import type { HeadingStep } from "./heading-step.ts";

const steps: readonly HeadingStep[] = [headingsOfOldExports, figuresWithUnits];

/**
 * Updates the headings of a list to this release. Lists of other programs pass unchanged.
 *
 * @param headings as written
 * @returns headings of the newest version, as many
 * @example newestHeadings(["Tag", "Size"]) // → ["Tag","Size"]
 */
export function newestHeadings(headings: readonly string[]): string[] {
  return steps.reduce<string[]>(
    (previous, step) => (step.isOld(previous) ? step.upcast(previous) : previous),
    [...headings],
  );
}
