import Papa from "papaparse";
import { guardFormula } from "../../basis/text/formula.ts";
import { unitsOf } from "../../basis/units/units.ts";
import { valueAt } from "../statement/shape.ts";
import { headingOf, type LineListField, lineListFields } from "./fields.ts";
import type { ListedTag } from "./list-reading.ts";
import { remarkHeading } from "./remarks.ts";

// A difference follows from two pressures, and a case names its kind.
const exported = lineListFields.filter(({ kind, id }) => kind === null && id !== "differentialBar");

export type ListedCell = string | number | null;

function cellOf(value: unknown): ListedCell {
  if (value === null || value === undefined || value === "") return null;
  // An empty list is written as "none", which is more than not stated.
  if (Array.isArray(value)) return value.length === 0 ? "none" : value.join("; ");
  if (typeof value === "boolean") return value ? "yes" : "no";
  return value as string | number;
}

const unitOf = ({ holds }: LineListField): string => {
  if (holds.kind === "quantity") return unitsOf(holds.quantity)[0]!;
  return holds.kind === "size" ? "DN" : holds.kind === "number" ? holds.unit : "";
};

/**
 * Columns of an exported list: importing it gives the same tags again.
 *
 * @param remarks headings of the remarks there are
 * @returns heading, unit and width in signs of each column
 * @source the line list
 * @example listedColumns(["Insulation"]).at(-1).heading // → "Remark: Insulation"
 */
export const listedColumns = (
  remarks: readonly string[],
): { readonly heading: string; readonly unit: string; readonly width: number }[] => [
  ...exported.map((field) => ({
    heading: field.label,
    unit: unitOf(field),
    width: field.holds.kind === "text" ? 24 : Math.max(10, field.label.length + 2),
  })),
  ...remarks.map((heading) => ({ heading: remarkHeading(heading), unit: "", width: 24 })),
];

/**
 * A tag as rows of a list, one per case.
 *
 * @param tag number, service, unit, remarks and duty
 * @param remarks headings of the remarks there are
 * @returns cells in the order of `listedColumns`, null where nothing is stated; remarks are in the first row
 * @source the line list
 */
export function listedRows(tag: ListedTag, remarks: readonly string[]): ListedCell[][] {
  const own = { ...tag.duty, number: tag.number, service: tag.service, unit: tag.unit };
  const cases: unknown[] = tag.duty.cases.length > 0 ? [...tag.duty.cases] : [{}];
  return cases.map((operatingCase, index) => [
    ...exported.map((field) => cellOf(valueAt(field.belongsTo === "tag" ? own : operatingCase, field.id))),
    ...remarks.map((heading) => (index === 0 ? (tag.remarks[heading] ?? null) : null)),
  ]);
}

const lines = (rows: readonly (readonly ListedCell[])[]): string =>
  rows.length === 0
    ? ""
    : `${Papa.unparse(
        rows.map((row) => row.map((cell) => (typeof cell === "string" ? guardFormula(cell) : (cell ?? "")))),
        { newline: "\r\n" },
      )}\r\n`;

/**
 * The headings of a line list.
 *
 * @param remarks headings of the remarks there are
 * @returns one line of comma-separated text; bar g, °C, DN
 * @source RFC 4180
 * @example csvHeadings([]).split(",")[0] // → "Tag"
 */
export const csvHeadings = (remarks: readonly string[]): string =>
  lines([[...exported.map(headingOf), ...remarks.map(remarkHeading)]]);

/**
 * Some tags as rows of a line list, one row per case.
 *
 * @param tags tags with their duties
 * @param remarks headings of the remarks there are
 * @returns comma-separated text without headings; text a spreadsheet would run is guarded
 * @source RFC 4180
 * @example csvRows([], []) // → ""
 */
export const csvRows = (tags: Iterable<ListedTag>, remarks: readonly string[]): string =>
  lines([...tags].flatMap((tag) => listedRows(tag, remarks)));

/**
 * Writes tags as CSV, so that importing it gives the same tags again.
 *
 * @param tags tags with their duties
 * @returns comma-separated text with headings
 * @source RFC 4180
 * @example writeCsv([]).split(",")[0] // → "Tag"
 */
export function writeCsv(tags: readonly ListedTag[]): string {
  const remarks = [...new Set(tags.flatMap((tag) => Object.keys(tag.remarks)))];
  return csvHeadings(remarks) + csvRows(tags, remarks);
}
