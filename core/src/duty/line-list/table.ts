import { type Grid, NotATable } from "./grid.ts";
import { type Found, filled, headingsIn, isUnitsRow, textOf } from "./headings.ts";
import { type Decimal, decimalOf } from "./values/numeral.ts";
import type { Cell } from "./values/reading.ts";
import { newestHeadings } from "./versions/kind.ts";

/** A row of a list with its number in the file. */
export interface TableRow {
  readonly row: number;
  readonly cells: readonly Cell[];
}

/** A list as it was found in a grid. */
export interface Table {
  readonly grid: Grid;
  /** One per column; the heading of a group comes before the column's own. */
  readonly headings: readonly string[];
  /** Units of the columns from a row of units; "" where there is no such row. */
  readonly units: readonly string[];
  /** Row numbers of the headings. */
  readonly headingRows: readonly number[];
  readonly rows: readonly TableRow[];
  /** Rows that are no tags, and why. */
  readonly skipped: readonly { readonly row: number; readonly why: string }[];
  readonly decimal: Decimal;
}

/** A row that repeats the headings, as on every page of a print. */
const repeats = (row: readonly Cell[], headings: readonly string[], own: readonly (readonly Cell[])[]) =>
  filled(row) > 1 &&
  own.some((heading) =>
    row.every((cell, index) => textOf(cell) === "" || textOf(cell) === textOf(heading[index])),
  ) &&
  row.some(
    (cell, index) =>
      textOf(cell) !== "" &&
      (textOf(cell) === headings[index] || own.some((h) => textOf(h[index]) === textOf(cell))),
  );

/** A title between rows, or a note below them: text in a single cell, while tags fill several. */
function isAside(row: readonly Cell[], usual: number): boolean {
  if (filled(row) !== 1 || usual < 3) return false;
  const only = textOf(row.find((cell) => textOf(cell) !== ""));
  return /\s/.test(only) || !/\d/.test(only) || /[:.]$/.test(only);
}

const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;

/**
 * Finds the list in a grid: its headings in one or two rows below any titles, a row of units, and the rows below.
 *
 * @param grid cells of a text or a sheet
 * @returns headings, units and rows, with the skipped rows and the reason
 * @throws NotATable where nothing in it reads as headings, or nothing stands below them
 * @source lists as people keep them
 * @example findTable(gridOfText("Line list\n\nTag,Size\n,in\nXV-1,2")).rows[0].row // → 5
 */
export function findTable(grid: Grid): Table {
  const { rows } = grid;
  const found = headingsIn(rows) ?? firstFull(rows);
  if (!found)
    throw new NotATable(
      "No heading row found. The list needs one row with the names of the columns, the tag number among them.",
    );
  const { first, last } = found;
  const unitsAt = rows[last + 1] && isUnitsRow(rows[last + 1]!) ? last + 1 : null;
  const headings = newestHeadings(found.headings.map((h) => h.replace(/\s+/g, " ")));
  const own = rows.slice(first, last + 1);
  const below = rows.slice((unitsAt ?? last) + 1);
  const usual = median(below.map(filled).filter((count) => count > 0));
  const kept: TableRow[] = [];
  const skipped: { row: number; why: string }[] = [];
  below.forEach((cells, index) => {
    const row = index + (unitsAt ?? last) + 2;
    if (filled(cells) === 0) return;
    if (repeats(cells, headings, own)) skipped.push({ row, why: "repeats the headings" });
    else if (isUnitsRow(cells) && usual > 2) skipped.push({ row, why: "repeats the units" });
    else if (isAside(cells, usual))
      skipped.push({ row, why: `a title or a note: "${textOf(cells.find((c) => textOf(c) !== ""))}"` });
    else kept.push({ row, cells });
  });
  if (kept.length === 0) throw new NotATable("The file has headings but no rows.");
  const width = Math.max(headings.length, ...kept.map(({ cells }) => cells.length));
  const padded = (list: readonly string[]) => Array.from({ length: width }, (_, index) => list[index] ?? "");
  return {
    grid,
    headings: padded(headings),
    units: padded(unitsAt === null ? [] : rows[unitsAt]!.map(textOf)),
    headingRows: Array.from({ length: last - first + 1 }, (_, i) => first + i + 1),
    rows: kept,
    skipped,
    decimal: ownList(headings, grid)
      ? "."
      : decimalOf(
          kept.flatMap(({ cells }) => cells.filter((cell): cell is string => typeof cell === "string")),
          grid.delimiter === ";" ? "," : ".",
        ),
  };
}

/** A list exported by this program has decimal points, whatever its texts suggest. */
const ownList = (headings: readonly string[], { delimiter }: Grid) =>
  (delimiter === "," || delimiter === null) &&
  ["Case id", "Case kind", "Service family"].every((h) => headings.includes(h));

/** Without a known word: the first row that is filled like the others, for the user to assign. */
function firstFull(rows: Grid["rows"]): Found | null {
  const index = rows.findIndex(
    (row) => filled(row) > 1 || (rows.length > 1 && filled(row) === 1 && row.length === 1),
  );
  return index === -1 ? null : { first: index, last: index, headings: rows[index]!.map(textOf), score: 0 };
}
