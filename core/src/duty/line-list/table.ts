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
  /** One a column; the heading of a group stands before the column's own. */
  readonly headings: readonly string[];
  /** What a row of units says of each column; "" where there is no such row. */
  readonly units: readonly string[];
  /** Numbers of the rows the headings stand in. */
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
    row.every((cell, at) => textOf(cell) === "" || textOf(cell) === textOf(heading[at])),
  ) &&
  row.some(
    (cell, at) =>
      textOf(cell) !== "" &&
      (textOf(cell) === headings[at] || own.some((h) => textOf(h[at]) === textOf(cell))),
  );

/** A title between rows, or a note below them: words in one cell, where tags fill several. */
function isAside(row: readonly Cell[], usual: number): boolean {
  if (filled(row) !== 1 || usual < 3) return false;
  const only = textOf(row.find((cell) => textOf(cell) !== ""));
  return /\s/.test(only) || !/\d/.test(only) || /[:.]$/.test(only);
}

const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;

/**
 * Finds the list in a grid: its headings in one row or two, below any titles, a row of units, and the rows below.
 *
 * @param grid cells of a text or a sheet
 * @returns headings, units and rows, with what was passed over and why
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
  const padded = (list: readonly string[]) => Array.from({ length: width }, (_, at) => list[at] ?? "");
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

/** A list this program wrote, as it was written: its figures have points, whatever its texts say. */
const ownList = (headings: readonly string[], { delimiter }: Grid) =>
  (delimiter === "," || delimiter === null) &&
  ["Case id", "Case kind", "Service family"].every((h) => headings.includes(h));

/** Where no word is known: the first row that is filled as the others are, for a person to say what it holds. */
function firstFull(rows: Grid["rows"]): Found | null {
  const at = rows.findIndex(
    (row) => filled(row) > 1 || (rows.length > 1 && filled(row) === 1 && row.length === 1),
  );
  return at === -1 ? null : { first: at, last: at, headings: rows[at]!.map(textOf), score: 0 };
}
