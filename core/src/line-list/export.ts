import Papa from "papaparse";
import { valueAt } from "../duty/shape.ts";
import type { ListedTag } from "./convert.ts";
import { headingOf, lineListFields } from "./fields.ts";

const exported = lineListFields.filter((f) => f.of === "tag" || f.of === "case");

function cellOf(value: unknown): string | number {
  if (value === null || value === undefined) return "";
  // An empty list says "none", which is more than saying nothing.
  if (Array.isArray(value)) return value.length === 0 ? "none" : value.join("; ");
  if (typeof value === "boolean") return value ? "yes" : "no";
  return value as string | number;
}

/**
 * Writes tags as CSV, one row a case, so that importing it gives the same tags again.
 *
 * @param tags tags with their duties
 * @returns comma-separated text with headings; bar g, °C, DN; formula-like text is defused
 * @source RFC 4180
 * @example writeCsv([]).split(",")[0] // → "Tag"
 */
export function writeCsv(tags: Iterable<ListedTag>): string {
  const rows: (string | number)[][] = [exported.map(headingOf)];
  for (const tag of tags) {
    const own = { ...tag.duty, number: tag.number, service: tag.service, unit: tag.unit };
    const cases: unknown[] = tag.duty.cases.length > 0 ? [...tag.duty.cases] : [{}];
    for (const one of cases)
      rows.push(exported.map((field) => cellOf(valueAt(field.of === "tag" ? own : one, field.id))));
  }
  return `${Papa.unparse(rows, { newline: "\r\n", escapeFormulae: true })}\r\n`;
}
