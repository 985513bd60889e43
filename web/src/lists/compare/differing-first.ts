/** Puts rows whose cells differ first, each group in its own order. */
export function differingFirst<Row extends object>(
  rows: readonly Row[],
  cells: (row: Row) => readonly string[],
): (Row & { readonly differs: boolean })[] {
  const marked = rows.map((row) => ({ ...row, differs: new Set(cells(row)).size > 1 }));
  return [...marked.filter((r) => r.differs), ...marked.filter((r) => !r.differs)];
}
