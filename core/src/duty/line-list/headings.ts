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

/** How well cells read as headings: what they name, each place once. */
function scoreOf(headings: readonly string[]): number {
  const best = new Map<string, number>();
  let strange = 0;
  for (const heading of headings) {
    if (heading === "") continue;
    const [place] = mayHead(heading) ? placesOf(heading) : [];
    if (place) best.set(place.field.id, Math.max(best.get(place.field.id) ?? 0, place.confidence));
    else strange++;
  }
  return [...best.values()].reduce((sum, one) => sum + one, 0) - 0.08 * strange;
}

/** Headings of two rows as one: what stands over a group holds for every column of it. */
function joined(upper: readonly Cell[], lower: readonly Cell[]): string[] {
  const width = Math.max(upper.length, lower.length);
  let group = "";
  return Array.from({ length: width }, (_, at) => {
    const [above, below] = [textOf(upper[at]), textOf(lower[at])];
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
    // Asked of every row of a list: most are told by their first figure or word.
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
 * Finds the headings among the first rows: one row, or two of which the upper names groups.
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
  for (let at = 0; at < Math.min(rows.length, lookedAt); at++) {
    const row = rows[at]!;
    if (filled(row) === 0) continue;
    consider({ first: at, last: at, headings: row.map(textOf), score: scoreOf(row.map(textOf)) });
    const next = rows[at + 1];
    if (
      filled(row) < 2 ||
      !next ||
      isUnitsRow(next) ||
      !next.every((cell) => textOf(cell) === "" || mayHead(cell))
    )
      continue;
    const both = joined(row, next);
    consider({ first: at, last: at + 1, headings: both, score: scoreOf(both) });
  }
  return best;
}
