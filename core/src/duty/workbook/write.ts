import ExcelJS from "exceljs";
import { guardFormula } from "../../basis/text/formula.ts";

/** A sheet of a workbook as it is written: headings that stay in sight, a row of units, rows. */
export interface SheetToWrite {
  readonly name: string;
  readonly columns: readonly { readonly heading: string; readonly unit: string; readonly width: number }[];
  readonly rows: Iterable<readonly (string | number | null)[]>;
}

/** A text stays text: no formula, and no number made from a tag number. */
const cell = (value: string | number | null) =>
  typeof value === "string" && value !== "" ? guardFormula(value) : value;

/**
 * Writes a workbook (XLSX).
 *
 * @param sheets content; headings are frozen and have filters, units are below them
 * @param time when it was written
 * @returns the file
 * @source ECMA-376
 */
export async function workbookOf(
  sheets: readonly SheetToWrite[],
  time: Date,
): Promise<Uint8Array<ArrayBuffer>> {
  const workbook = new ExcelJS.Workbook();
  workbook.created = time;
  workbook.modified = time;
  for (const { name, columns, rows } of sheets) {
    const sheet = workbook.addWorksheet(name, { views: [{ state: "frozen", xSplit: 1, ySplit: 2 }] });
    sheet.columns = columns.map(({ width }) => ({ width }));
    sheet.addRow(columns.map(({ heading }) => heading)).font = { bold: true };
    sheet.addRow(columns.map(({ unit }) => unit)).font = { italic: true, color: { argb: "FF666666" } };
    for (const row of rows) sheet.addRow(row.map(cell));
    sheet.autoFilter = { from: { row: 2, column: 1 }, to: { row: 2, column: columns.length } };
  }
  return new Uint8Array(await workbook.xlsx.writeBuffer());
}
