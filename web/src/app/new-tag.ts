import type { Project, TagRow } from "@proven-seat/contract";
import { tagKey } from "@proven-seat/core/basis/text";
import { emptyDuty, withDefaults } from "@proven-seat/core/duty";

/**
 * The next free number of a numbering, also not similar to a used one: the run of # is the number, at least as long.
 */
export function nextNumber(numbering: string, usedNumbers: readonly string[]): string {
  const used = new Set(usedNumbers.map(tagKey));
  const [before = "", run = "#", after = ""] = numbering.split(/(#+)/);
  const figures = usedNumbers.flatMap((number) => {
    const middle =
      number.startsWith(before) && number.endsWith(after)
        ? number.slice(before.length, number.length - after.length)
        : "";
    return /^\d{1,12}$/.test(middle) ? [Number(middle)] : [];
  });
  let n = figures.reduce((maximum, figure) => Math.max(maximum, figure), 0) + 1;
  const written = () => `${before}${String(n).padStart(run.length, "0")}${after}`;
  while (used.has(tagKey(written()))) n++;
  return written();
}

/** A tag with the next free number and the default values of the project. */
export const newTag = (project: Pick<Project, "numbering" | "defaults">, rows: readonly TagRow[]) => ({
  number: nextNumber(
    project.numbering,
    rows.map(({ number }) => number),
  ),
  duty: withDefaults(emptyDuty, project.defaults).duty,
});
