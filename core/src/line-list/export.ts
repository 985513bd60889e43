import Papa from "papaparse";
import { valueAt } from "../duty/shape.ts";
import { guardFormula } from "../text/index.ts";
import type { ListedTag } from "./convert.ts";
import { headingOf, lineListFields } from "./fields.ts";

const exported = lineListFields.filter((f) => f.of === "tag" || f.of === "case");

function cellOf(value: unknown): string | number {
  if (value === null || value === undefined) return "";
  // An empty list says "none", which is more than saying nothing.
  if (Array.isArray(value)) return value.length === 0 ? "none" : value.join("; ");
  if (typeof value === "boolean") return value ? "yes" : "no";
  return typeof value === "string" ? guardFormula(value) : (value as number);
}

const lines = (rows: readonly (readonly (string | number)[])[]): string =>
  rows.length === 0 ? "" : `${Papa.unparse(rows as (string | number)[][], { newline: "\r\n" })}\r\n`;

/**
 * The headings of a line list.
 *
 * @returns one line of comma-separated text; bar g, °C, DN
 * @source RFC 4180
 * @example csvHeadings().split(",")[0] // → "Tag"
 */
export function csvHeadings(): string {
  return lines([exported.map(headingOf)]);
}

/**
 * Some tags as rows of a line list, one row a case.
 *
 * @param tags tags with their duties
 * @returns comma-separated text without headings; text a spreadsheet would run is guarded
 * @source RFC 4180
 * @example csvRows([]) // → ""
 */
export function csvRows(tags: Iterable<ListedTag>): string {
  const rows: (string | number)[][] = [];
  for (const tag of tags) {
    const own = { ...tag.duty, number: tag.number, service: tag.service, unit: tag.unit };
    const cases: unknown[] = tag.duty.cases.length > 0 ? [...tag.duty.cases] : [{}];
    for (const one of cases)
      rows.push(exported.map((field) => cellOf(valueAt(field.of === "tag" ? own : one, field.id))));
  }
  return lines(rows);
}

/**
 * Writes tags as CSV, so that importing it gives the same tags again.
 *
 * @param tags tags with their duties
 * @returns comma-separated text with headings
 * @source RFC 4180
 * @example writeCsv([]).split(",")[0] // → "Tag"
 */
export const writeCsv = (tags: Iterable<ListedTag>): string => csvHeadings() + csvRows(tags);
