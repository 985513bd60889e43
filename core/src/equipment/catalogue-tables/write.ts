import Papa from "papaparse";
import { valueAt } from "../../duty/statement/shape.ts";
import type { Catalogue } from "../catalogue/schema.ts";
import { cellOf } from "./columns.ts";
import { tableNames, tables } from "./definitions.ts";

/**
 * Writes a catalogue as CSV tables that read back to the same.
 *
 * @param catalogue a checked catalogue
 * @returns text of each table by file name, headings first
 * @source docs/catalogue.md
 */
export function catalogueTables(catalogue: Catalogue): Record<string, string> {
  return Object.fromEntries(
    tableNames.map((name) => {
      const { file, columns, rows } = tables[name];
      const data = rows(catalogue).map((row) =>
        columns.map((column) => cellOf(valueAt(row, column.path), column)),
      );
      return [file, `${Papa.unparse({ fields: columns.map((c) => c.heading), data }, { newline: "\n" })}\n`];
    }),
  );
}
