import { joinRows } from "./duplicates.ts";
import { mostTags } from "./grid.ts";
import type { Decisions, ListedTag, ListReading } from "./list-reading.ts";
import type { ColumnPlan } from "./plan.ts";
import { type Column, columnsOf, type LineListFault, type RowRead, readRow } from "./row.ts";
import type { Table } from "./table.ts";
import { tagOfRows } from "./tag-of-rows.ts";
import { unreadCells } from "./unread-cells.ts";

/** The column of tag numbers, or why the columns cannot be read. */
function numbersIn(placed: readonly Column[]): Column | { readonly column: string; readonly reason: string } {
  const twice = placed.find((c, i) => placed.findIndex((other) => other.field === c.field) !== i);
  if (twice) return { column: twice.heading, reason: `Two columns are mapped to "${twice.field.label}".` };
  return (
    placed.find((c) => c.field.id === "number") ?? {
      column: "Tag",
      reason: "No column is mapped to the tag number. Select one.",
    }
  );
}

/**
 * Turns a list into tags. Rows with the same tag number are the cases of one tag; a list with one row per tag may give
 * several kinds of case in columns of their own, and both ends of a range in one cell.
 *
 * @param table from `findTable`
 * @param plan one entry per column, as guessed and corrected
 * @param decisions corrections, exclusions and undone guesses of the user
 * @returns every complete tag; faults with row, column and reason for the others; guesses and suggestions
 * @source the line list
 * @example convertLineList(findTable(gridOfText("Tag\nXV-1")), [{ heading: "Tag", field: "number", unit: null, confidence: 1, doubt: null }]).tags.length // → 1
 */
export function convertLineList(
  table: Table,
  plan: readonly ColumnPlan[],
  decisions: Decisions = {},
): ListReading {
  const columns = columnsOf(plan);
  const { placed } = columns;
  const head = table.headingRows[0] ?? 1;
  const numbers = numbersIn(placed);
  if ("reason" in numbers)
    return {
      tags: [],
      rows: [],
      faults: [{ row: head, ...numbers }],
      unknown: [],
      guesses: [],
      suggestions: [],
      pairs: [],
      waiting: [],
      repeated: [],
    };
  const leftOut = new Set(decisions.leftOut);
  const reads = table.rows
    .filter(({ row }) => !leftOut.has(row))
    .map((row) => readRow(table, row, columns, decisions));
  const { faults: ofCells, unknown, faulty } = unreadCells(reads, placed, numbers);
  const faults: LineListFault[] = [...ofCells];
  const { drafts, pairs, repeated, passedOver } = joinRows(reads, decisions.pairs ?? {}, faults);
  if (drafts.length > mostTags)
    faults.push({
      row: head,
      column: numbers.heading,
      reason: `The list has ${drafts.length} tags. At most ${mostTags} can be imported at once.`,
    });
  const context = { placed, undone: new Set(decisions.undone), accepted: new Set(decisions.accepted) };
  const found = drafts.map((draft) => ({ draft, ...tagOfRows(draft.reads, draft.number, context) }));
  const whole: { readonly tag: ListedTag; readonly reads: readonly RowRead[] }[] = found.flatMap(
    ({ tag, draft: { reads: own } }) =>
      tag === null || faulty.has(own[0]!.key) ? [] : [{ tag, reads: own }],
  );
  for (const { faults: own } of found) faults.push(...own);
  const stored = new Set(whole.flatMap(({ reads: own }) => own));
  const done = new Set([...repeated.map(({ row }) => row), ...passedOver]);
  return {
    tags: whole.map(({ tag }) => tag),
    rows: whole.map(({ reads: own }) => own[0]!.row),
    faults: faults.sort((a, b) => a.row - b.row),
    unknown,
    guesses: found.flatMap(({ guesses }) => guesses),
    suggestions: found.flatMap(({ suggestions }) => suggestions),
    pairs,
    waiting: reads.filter((read) => !stored.has(read) && !done.has(read.row)).map(({ row }) => row),
    repeated,
  };
}
