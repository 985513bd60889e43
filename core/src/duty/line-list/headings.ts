import { isUnitWritten } from "../../basis/units/written.ts";
import { placesOf } from "./place.ts";
import type { Cell } from "./values/reading.ts";

type Rows = readonly (readonly Cell[])[];

const lookedAt = 30;

/** A cell as text without blanks around it. */
export const textOf = (cell: Cell | undefined): string => (cell === undefined ? "" : String(cell).trim());
/** How many cells of a row hold anything. */
export const filled = (row: readonly Cell[]): number => row.filter((cell) => textOf(cell) !== "").length;

/** A cell that may be a heading: words, and not much of a figure. */
const mayHead = (cell: Cell | undefined) =>
  typeof cell === "string" &&
  cell.length <= 80 &&
  /\p{L}|[#ø°Δ]/u.test(cell) &&
  (cell.match(/\d/g)?.length ?? 0) <= 3;

/** How well cells read as headings: the share that names a place, each place counted once. */
function scoreOf(headings: readonly string[]): number {
  const best = new Map<string, number>();
  let strange = 0;
  for (const heading of headings) {
    if (heading === "") continue;
    const [place] = mayHead(heading) ? placesOf(heading) : [];
    if (place) best.set(place.field.id, Math.max(best.get(place.field.id) ?? 0, place.confidence));
    else strange++;
  }
  return [...best.values()].reduce((sum, value) => sum + value, 0) - 0.08 * strange;
}

/** Joins headings of two rows: the heading of a group applies to each of its columns. */
function joined(upper: readonly Cell[], lower: readonly Cell[]): string[] {
  const width = Math.max(upper.length, lower.length);
  let group = "";
  return Array.from({ length: width }, (_, index) => {
    const [above, below] = [textOf(upper[index]), textOf(lower[index])];
    if (above !== "") group = above;
    if (below === "") return above;
    if (above === below) return below;
    return group === "" ? below : `${group} ${below}`;
  });
}

/** A row of nothing but units. */
export const isUnitsRow = (row: readonly Cell[]): boolean => {
  let [cells, units, named] = [0, 0, false];
  for (const cell of row) {
    const text = textOf(cell);
    if (text === "") continue;
    // Runs for every row of a list: most are rejected by their first number or word.
    if (text.length > 14 || /^\d/.test(text)) return false;
    cells++;
    const bare = text.replace(/^[([]|[)\]]$/g, "");
    if (!isUnitWritten(bare)) continue;
    units++;
    named ||= /[a-z"°%]/i.test(bare);
  }
  return named && units >= 0.6 * cells;
};

/** Headings as they were found: their rows, counted from 0, and how well they read. */
export interface Found {
  readonly first: number;
  readonly last: number;
  readonly headings: readonly string[];
  readonly score: number;
}

/**
 * Finds the headings among the first rows: one row, or two of which the upper one names groups.
 *
 * @param rows cells
 * @returns the rows that read best; null where none reads as headings
 * @source the lexicon (line-list/lexicon)
 * @example headingsIn([["A list"], ["Tag", "Size"], ["XV-1", "2"]]).first // → 1
 */
export function headingsIn(rows: Rows): Found | null {
  let best: Found | null = null;
  const consider = (found: Found) => {
    if (found.score > (best?.score ?? 0.4) + 0.2) best = found;
  };
  for (let position = 0; position < Math.min(rows.length, lookedAt); position++) {
    const row = rows[position]!;
    if (filled(row) === 0) continue;
    consider({ first: position, last: position, headings: row.map(textOf), score: scoreOf(row.map(textOf)) });
    const next = rows[position + 1];
    if (
      filled(row) < 2 ||
      !next ||
      isUnitsRow(next) ||
      !next.every((cell) => textOf(cell) === "" || mayHead(cell))
    )
      continue;
    const both = joined(row, next);
    consider({ first: position, last: position + 1, headings: both, score: scoreOf(both) });
  }
  return best;
}
