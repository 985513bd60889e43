/** One reference table as shipped: figures transcribed from a standard, to be checked before use. */
export interface ReferenceTable {
  readonly id: string;
  readonly title: string;
  /** Standard and edition status the figures were transcribed from. */
  readonly source: string;
  /** Every shipped table is screening data, never a licensed copy. */
  readonly status: "indicative";
  readonly columns: readonly string[];
  readonly rows: readonly (readonly (string | number | null)[])[];
}

type Compiled = Pick<ReferenceTable, "columns" | "rows">;

/**
 * Joins a compiled table with its title and source.
 *
 * @param id short name, unique among the tables
 * @param title for readers
 * @param source standard the figures come from
 * @param compiled columns and rows from the CSV
 * @returns the table with the status *indicative*
 * @source house convention: no figure without source and status
 * @example referenceTable("x", "X", "none", { columns: ["a"], rows: [[1]] }).status // → "indicative"
 */
export function referenceTable(
  id: string,
  title: string,
  source: string,
  compiled: Compiled,
): ReferenceTable {
  return { id, title, source, status: "indicative", columns: compiled.columns, rows: compiled.rows };
}

/**
 * Reads a compiled table's rows as objects keyed by column name.
 *
 * @param table columns and rows; every row as long as the columns
 * @returns one object per row, in order
 * @example records({ columns: ["a", "b"], rows: [[1, "x"]] }) // → [{"a":1,"b":"x"}]
 */
export function records<T>(table: Compiled): T[] {
  return table.rows.map(
    (row) => Object.fromEntries(table.columns.map((column, index) => [column, row[index]])) as T,
  );
}
