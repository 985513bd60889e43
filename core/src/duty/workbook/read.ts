import ExcelJS from "exceljs";
import { type Grid, mostRows, NotATable } from "../line-list/grid.ts";
import type { Cell } from "../line-list/values/reading.ts";
import { boundedWorkbook } from "./bounded.ts";

/** Cells of the rectangle around a list, empty ones included. */
const mostCells = 5_000_000;

const twoDigits = (n: number) => String(n).padStart(2, "0");
const dayOf = (time: Date) =>
  `${time.getUTCFullYear()}-${twoDigits(time.getUTCMonth() + 1)}-${twoDigits(time.getUTCDate())}`;

/** Words a format writes behind a figure, such as a unit. */
const wordsOf = (format: string | undefined) =>
  /"([^"]*\p{L}[^"]*)"/u.exec(format ?? "")?.[1]?.trim() ?? null;

function figure(value: number, format: string | undefined): Cell {
  // A percentage is stored as a fraction of one.
  const seen = format?.includes("%") ? Number((value * 100).toPrecision(12)) : value;
  const words = wordsOf(format);
  return words === null ? seen : `${seen} ${words}`;
}

/** Displayed value of a cell: the result of a formula, the letters of rich text. */
function seen(value: ExcelJS.CellValue, format: string | undefined): Cell {
  if (value === null || value === undefined) return "";
  if (typeof value === "number") return figure(value, format);
  if (typeof value === "string") return value.trim();
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (value instanceof Date) return dayOf(value);
  if ("richText" in value)
    return value.richText
      .map(({ text }) => text)
      .join("")
      .trim();
  if ("error" in value) return value.error;
  if ("formula" in value || "sharedFormula" in value) return seen(value.result ?? "", format);
  return "text" in value ? seen(value.text as ExcelJS.CellValue, format) : "";
}

function gridOf(sheet: ExcelJS.Worksheet): Grid {
  const rows: Cell[][] = [];
  const hidden: number[] = [];
  sheet.eachRow({ includeEmpty: true }, (row, number) => {
    const cells: Cell[] = [];
    row.eachCell({ includeEmpty: true }, (cell, column) => {
      // A merged cell has the same value in each of its places.
      cells[column - 1] = seen(cell.isMerged ? cell.master.value : cell.value, cell.master.numFmt);
    });
    rows[number - 1] = Array.from(cells, (cell) => cell ?? "");
    if (row.hidden && cells.some((cell) => cell !== "")) hidden.push(number);
  });
  const grid = Array.from(rows, (row) => row ?? []);
  while (grid.length > 0 && grid.at(-1)!.every((cell) => cell === "")) grid.pop();
  return { name: sheet.name, rows: grid, hidden, delimiter: null };
}

/**
 * Reads a workbook (XLSX): each visible sheet that is not empty.
 *
 * @param bytes the file
 * @returns cells of each sheet as a reader sees them: values of formulas, dates as year-month-day, merged cells filled
 * @throws NotATable where it is no workbook, or holds nothing, or more rows than ten thousand tags could need, or unpacks to
 *   more than memory should hold
 * @source ECMA-376
 */
export async function gridsOfWorkbook(bytes: ArrayBuffer): Promise<Grid[]> {
  const workbook = new ExcelJS.Workbook();
  try {
    await workbook.xlsx.load(boundedWorkbook(new Uint8Array(bytes)).buffer as ArrayBuffer);
  } catch (error) {
    if (error instanceof NotATable) throw error;
    throw new NotATable(
      "This is not a workbook that can be read: it is broken, locked with a password or of an old kind. Save it again as .xlsx without a password, or as CSV.",
    );
  }
  const sheets = workbook.worksheets.filter(({ state }) => state === "visible");
  const large = sheets.find(({ rowCount }) => rowCount > mostRows);
  if (large)
    throw new NotATable(`Sheet "${large.name}" has more rows than ten thousand tags could need. Split it.`);
  const wide = sheets.find(({ rowCount, columnCount }) => rowCount * columnCount > mostCells);
  if (wide)
    throw new NotATable(
      `Sheet "${wide.name}" spans ${wide.columnCount} columns and ${wide.rowCount} rows. Delete the cells far from the list, and save it again.`,
    );
  const grids = sheets.map(gridOf).filter(({ rows }) => rows.length > 0);
  if (grids.length === 0) throw new NotATable("The workbook holds nothing that can be seen.");
  return grids;
}
