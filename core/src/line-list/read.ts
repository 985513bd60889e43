import Papa from "papaparse";
import { newestHeadings } from "../stored/line-list/kind.ts";
import { unitInHeading, unitsOf } from "../units/units.ts";
import { type LineListField, lineListField, lineListFields } from "./fields.ts";

/** A delimited text as rows of cells. */
export interface CsvTable {
  readonly headings: readonly string[];
  /** Cells as written; row numbers in messages count the heading as row 1. */
  readonly rows: readonly (readonly string[])[];
  readonly delimiter: string;
  /** A semicolon list with "12,5" in it uses the comma as decimal sign. */
  readonly decimal: "." | ",";
}

/** Where a column goes and in which unit it stands. */
export interface ColumnMapping {
  readonly field: string | null;
  readonly unit: string | null;
}

/** Text that is not a table, and why. */
export class NotATable extends Error {}

export const mostRows = 10_000;

/**
 * Reads delimited text: comma, semicolon, tab or bar, quoted cells, any line ends.
 *
 * @param text decoded text with headings in its first row
 * @returns headings, rows and what was found out about the dialect
 * @throws NotATable for an empty text, one without rows, too many rows, broken quotes or duplicate headings
 * @source RFC 4180 and what spreadsheets write
 * @example readCsv("Tag;Size\nXV-1;12,5").decimal // → ","
 */
export function readCsv(text: string): CsvTable {
  if (text.includes("\u0000"))
    throw new NotATable("This is not a text file. Save the list as CSV and import that.");
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ""), {
    skipEmptyLines: "greedy",
    delimitersToGuess: [",", ";", "\t", "|"],
  });
  const quote = parsed.errors.find((e) => e.type === "Quotes");
  if (quote) throw new NotATable(`Row ${(quote.row ?? 0) + 1}: a quoted cell is not closed.`);
  const [first, ...rows] = parsed.data;
  if (!first || first.every((h) => h.trim() === ""))
    throw new NotATable("The file is empty. It needs a heading row and one row for each tag or case.");
  if (rows.length === 0) throw new NotATable("The file has headings but no rows.");
  if (rows.length > mostRows * 24)
    throw new NotATable("The file has more rows than ten thousand tags could need. Split it.");
  const headings = newestHeadings(first.map((h) => h.trim()));
  const twice = headings.find((h, i) => h !== "" && headings.indexOf(h) !== i);
  if (twice) throw new NotATable(`The heading "${twice}" stands twice.`);
  const cells = rows.map((row) => row.map((cell) => cell.trim()));
  const commas = cells.some((row) => row.some((cell) => /^[-−+]?\d+,\d{1,2}$|^[-−+]?\d+,\d{4,}$/.test(cell)));
  return {
    headings,
    rows: cells,
    delimiter: parsed.meta.delimiter,
    decimal: parsed.meta.delimiter !== "," && commas ? "," : ".",
  };
}

const plainHeading = (heading: string) =>
  heading
    .toLowerCase()
    .replace(/[([].*?[)\]]/g, " ")
    .replace(/[_\s]+/g, " ")
    .trim();

const withoutUnit = (heading: string) =>
  plainHeading(heading)
    .replace(/[ ,]+(barg?|bara|psig?|psia?|kpag?|mpag?|°?[cfk]|deg ?[cf]|bar [ga]|psi [ga])$/, "")
    .trim();

/**
 * Guesses where each column goes: by heading, then by heading without its unit; each field once.
 *
 * @param headings as written
 * @returns one mapping a column; `field` null where nothing fits, for a person to correct
 * @source headings practitioners use
 */
export function guessMapping(headings: readonly string[]): ColumnMapping[] {
  const taken = new Set<string>();
  return headings.map((heading) => {
    const candidates = [heading.toLowerCase().trim(), plainHeading(heading), withoutUnit(heading)].flatMap(
      (h) => [h, h.replace(/\./g, "")],
    );
    const field = lineListFields.find(
      (f) => !taken.has(f.id) && [f.label.toLowerCase(), ...f.headings].some((h) => candidates.includes(h)),
    );
    if (!field) return { field: null, unit: null };
    taken.add(field.id);
    return { field: field.id, unit: unitFor(field, heading) };
  });
}

/**
 * Unit a mapped column is taken to stand in: what its heading says, else the home unit.
 *
 * @param field where the column goes
 * @param heading as written
 * @returns unit label, "DN" or "NPS" for sizes, null where units do not apply
 * @source the product's unit table
 * @example unitFor(lineListField("dn"), "Size (in)") // → "NPS"
 */
export function unitFor(field: LineListField, heading: string): string | null {
  if (field.holds.kind === "size") return /\b(nps|inch|inches|in)\b|"/i.test(heading) ? "NPS" : "DN";
  if (field.holds.kind !== "quantity") return null;
  return unitInHeading(heading, field.holds.quantity) ?? unitsOf(field.holds.quantity)[0]!;
}

/**
 * Units a mapped column may be corrected to.
 *
 * @param fieldId where the column goes
 * @returns unit labels; none where units do not apply
 * @source the product's unit table
 * @example unitChoices("dn") // → ["DN","NPS"]
 */
export function unitChoices(fieldId: string | null): string[] {
  const holds = fieldId === null ? undefined : lineListField(fieldId)?.holds;
  if (holds?.kind === "size") return ["DN", "NPS"];
  return holds?.kind === "quantity" ? unitsOf(holds.quantity) : [];
}
