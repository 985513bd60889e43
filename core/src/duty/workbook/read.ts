import ExcelJS from "exceljs";
import { type Grid, mostRows, NotATable } from "../line-list/grid.ts";
import type { Cell } from "../line-list/values/reading.ts";

const twoDigits = (n: number) => String(n).padStart(2, "0");
const dayOf = (at: Date) =>
  `${at.getUTCFullYear()}-${twoDigits(at.getUTCMonth() + 1)}-${twoDigits(at.getUTCDate())}`;

/** Words a format writes behind a figure, such as a unit. */
const wordsOf = (format: string | undefined) =>
  /"([^"]*\p{L}[^"]*)"/u.exec(format ?? "")?.[1]?.trim() ?? null;

function figure(value: number, format: string | undefined): Cell {
  // What a reader sees as a percentage is kept as a hundredth of it.
  const seen = format?.includes("%") ? Number((value * 100).toPrecision(12)) : value;
  const words = wordsOf(format);
  return words === null ? seen : `${seen} ${words}`;
}

/** What a reader sees in a cell: of a formula its value, of rich text its letters. */
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
      // A merged cell says the same thing wherever it is looked at.
      cells[column - 1] = seen(cell.isMerged ? cell.master.value : cell.value, cell.master.numFmt);
    });
    rows[number - 1] = Array.from(cells, (cell) => cell ?? "");
    if (row.hidden && cells.some((cell) => cell !== "")) hidden.push(number);
  });
  const all = Array.from(rows, (row) => row ?? []);
  while (all.length > 0 && all.at(-1)!.every((cell) => cell === "")) all.pop();
  return { name: sheet.name, rows: all, hidden, delimiter: null };
}

/**
 * Reads a workbook (XLSX): each sheet somebody can see that holds anything.
 *
 * @param bytes the file
 * @returns cells of each sheet as a reader sees them: values of formulas, dates as year-month-day, merged cells filled
 * @throws NotATable where it is no workbook, or holds nothing, or more rows than ten thousand tags could need
 * @source ECMA-376
 */
export async function gridsOfWorkbook(bytes: ArrayBuffer): Promise<Grid[]> {
  const workbook = new ExcelJS.Workbook();
  try {
    await workbook.xlsx.load(bytes);
  } catch {
    throw new NotATable(
      "This is not a workbook that can be read: it is broken, locked with a password or of an old kind. Save it again as .xlsx without a password, or as CSV.",
    );
  }
  const sheets = workbook.worksheets.filter(({ state }) => state === "visible");
  const large = sheets.find(({ rowCount }) => rowCount > mostRows);
  if (large)
    throw new NotATable(`Sheet "${large.name}" has more rows than ten thousand tags could need. Split it.`);
  const grids = sheets.map(gridOf).filter(({ rows }) => rows.length > 0);
  if (grids.length === 0) throw new NotATable("The workbook holds nothing that can be seen.");
  return grids;
}
