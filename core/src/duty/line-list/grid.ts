import Papa from "papaparse";
import { headingsIn } from "./headings.ts";
import type { Cell } from "./values/reading.ts";

/** Cells as in the file; row numbers start at 1. */
export interface Grid {
  /** Name of the sheet, empty for a text. */
  readonly name: string;
  readonly rows: readonly (readonly Cell[])[];
  /** Numbers of hidden rows. */
  readonly hidden: readonly number[];
  /** Separator of the cells in a text; null for a sheet of a workbook. */
  readonly delimiter: string | null;
}

/** A text or a workbook that is not a table, and why. */
export class NotATable extends Error {}

export const mostTags = 10_000;
/** Rows of a list: a tag may have as many as it has cases. */
export const mostRows = mostTags * 24;

const delimiters = [",", ";", "\t", "|"] as const;

/** The sign whose columns read best as a list: decimal commas part the rows of a list as evenly as semicolons do. */
function delimiterOf(text: string): string {
  const scored = delimiters.map((delimiter) => {
    const { data } = Papa.parse<string[]>(text, { delimiter, preview: 30 });
    return {
      delimiter,
      score: headingsIn(data)?.score ?? 0,
      width: Math.max(0, ...data.map((row) => row.length)),
    };
  });
  return scored.reduce((a, b) => (b.score > a.score || (b.score === a.score && b.width > a.width) ? b : a))
    .delimiter;
}

/**
 * Reads delimited text: comma, semicolon, tab or bar, quoted cells, any line ends.
 *
 * @param text decoded text
 * @returns its cells, blank rows among them, so that rows count as in the file
 * @throws NotATable for a text without cells, broken quotes or too many rows
 * @source RFC 4180 and what spreadsheets write
 * @example gridOfText("Tag;Size\nXV-1;50").rows.length // → 2
 */
export function gridOfText(text: string): Grid {
  if (text.includes("\u0000"))
    throw new NotATable("This is not a text file. Save the list as CSV or as a workbook and import that.");
  const plain = text.replace(/^\uFEFF/, "");
  // The line with which some spreadsheets name the sign; it counts as a row.
  const named = /^sep=(.)\r?\n/i.exec(plain)?.[1];
  const parsed = Papa.parse<string[]>(plain, { delimiter: named ?? delimiterOf(plain) });
  const quote = parsed.errors.find((e) => e.type === "Quotes");
  if (quote)
    throw new NotATable(
      `Row ${(quote.row ?? 0) + 1}: a cell starts with a quotation mark that is never closed.`,
    );
  const rows = parsed.data.map((row) => row.map((cell) => cell.trim()));
  while (rows.length > 0 && rows.at(-1)!.every((cell) => cell === "")) rows.pop();
  if (rows.length === 0)
    throw new NotATable("The file is empty. It needs a heading row and one row for each tag or case.");
  if (rows.length > mostRows)
    throw new NotATable("The file has more rows than ten thousand tags could need. Split it.");
  return { name: "", rows, hidden: [], delimiter: parsed.meta.delimiter };
}
