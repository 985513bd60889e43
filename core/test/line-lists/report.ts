/** A list as it was understood, in lines that a person can check against the file. */
import { bestSheet } from "../../src/duty/line-list/best-sheet.ts";
import { convertLineList } from "../../src/duty/line-list/convert.ts";
import type { ListedTag } from "../../src/duty/line-list/list-reading.ts";
import { type ColumnPlan, planFor } from "../../src/duty/line-list/plan.ts";
import { findTable } from "../../src/duty/line-list/table.ts";
import { readListFile } from "../../src/duty/workbook/file.ts";

const stated = (object: object, without: readonly string[]) =>
  Object.entries(object)
    .filter(([key, value]) => value !== null && value !== "" && !without.includes(key))
    .map(([key, value]) => `${key}=${Array.isArray(value) ? value.join("+") : value}`)
    .join(", ");

const column = ({ heading, field, unit, confidence, doubt }: ColumnPlan) =>
  `${heading || "(none)"} → ${field ?? "remarks"}${unit ? ` in ${unit}` : ""}${field ? ` (${confidence})` : ""}${doubt ? ` ${doubt}` : ""}`;

function tag({ number, service, unit, remarks, duty }: ListedTag): string[] {
  return [
    `${number} | ${service} | ${unit} | ${JSON.stringify(remarks)}`,
    `  ${stated(duty, ["cases", "fluid", "format"])}`,
    `  fluid: ${stated(duty.fluid, [])}`,
    ...duty.cases.map(
      (operatingCase) =>
        `  ${operatingCase.kind}: ${stated(operatingCase, ["kind", "id", "flow", "mayBeShut", operatingCase.rate === null ? "rateBasis" : ""])}`,
    ),
  ];
}

export async function reportOf(bytes: Uint8Array<ArrayBuffer>): Promise<string> {
  const { grids, note } = await readListFile(bytes);
  const table = findTable(grids[bestSheet(grids)]!);
  const plan = planFor(table);
  const { tags, faults, guesses, suggestions, pairs, repeated, unknown } = convertLineList(table, plan);
  const lines = [
    `sheet "${table.grid.name}", headings in rows ${table.headingRows.join(" and ")}, decimal ${table.decimal}${note ? `, ${note}` : ""}`,
    ...table.skipped.map(({ row, why }) => `row ${row} passed over: ${why}`),
    ...table.grid.hidden.map((row) => `row ${row} is hidden`),
    ...plan.map(column),
    ...tags.flatMap(tag),
    ...faults.map(({ row, column: place, reason }) => `fault in row ${row}, ${place}: ${reason}`),
    ...unknown.map(
      ({ column: place, value, rows }) => `not understood: "${value}" in ${place}, rows ${rows.join(", ")}`,
    ),
    ...pairs.map(({ number, rows }) => `pair: ${number} in rows ${rows.join(" and ")}`),
    ...repeated.map(({ row, as }) => `row ${row} repeats row ${as}`),
    ...guesses.map(({ row, number, says }) => `guess in row ${row}, ${number}: ${says}`),
    ...suggestions.map(
      ({ row, number, words, field, value }) =>
        `suggestion in row ${row}, ${number}: ${words} → ${field} ${JSON.stringify(value)}`,
    ),
  ];
  return `${lines.join("\n")}\n`;
}
