import type { Grid } from "./grid.ts";
import { headingsIn } from "./headings.ts";

/**
 * The sheet of a workbook that reads best as a list.
 *
 * @param grids sheets of the file, at least one
 * @returns place of the sheet; the first of those that read as well
 * @source the lexicon (line-list/lexicon)
 */
export function bestSheet(grids: readonly Grid[]): number {
  const scores = grids.map(({ rows }) => headingsIn(rows)?.score ?? 0);
  return scores.indexOf(Math.max(...scores));
}
