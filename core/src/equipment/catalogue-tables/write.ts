import Papa from "papaparse";
import type { Catalogue } from "../catalogue/schema.ts";
import { at, cellOf } from "./columns.ts";
import { tableNames, tables } from "./definitions.ts";

/**
 * Writes a catalogue as CSV tables that read back to the same.
 *
 * @param catalogue a checked catalogue
 * @returns text of each table by file name, headings first
 * @throws never
 * @source docs/catalogue.md
 * @example Object.keys(catalogueTables(catalogue))[0] // → "catalogue.csv"
 */
export function catalogueTables(catalogue: Catalogue): Record<string, string> {
  return Object.fromEntries(
    tableNames.map((name) => {
      const { file, columns, rows } = tables[name];
      const data = rows(catalogue).map((row) =>
        columns.map((column) => cellOf(at(row as Record<string, unknown>, column.path), column)),
      );
      return [file, `${Papa.unparse({ fields: columns.map((c) => c.heading), data }, { newline: "\n" })}\n`];
    }),
  );
}
