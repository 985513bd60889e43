import type { UnknownValue } from "./list-reading.ts";
import type { Column, LineListFault, RowRead } from "./row.ts";

/** Faults of single cells of a list. */
export interface UnreadCells {
  readonly faults: readonly LineListFault[];
  /** Values that were not understood, each once with all its rows. */
  readonly unknown: readonly UnknownValue[];
  /** Keys of tags with a fault in one of their rows. */
  readonly faulty: ReadonlySet<string>;
}

/**
 * Collects the faults of cells. A value that was not understood is listed once, so that the user can correct all its rows
 * together.
 *
 * @param reads rows as read
 * @param placed columns with their fields
 * @param numbers the column of tag numbers
 * @returns faults, values that were not understood, and keys of the affected tags
 * @source the line list
 * @example unreadCells([], [], { heading: "Tag" }).faults // → []
 */
export function unreadCells(
  reads: readonly RowRead[],
  placed: readonly Column[],
  numbers: Pick<Column, "heading">,
): UnreadCells {
  const faults: LineListFault[] = [];
  const unknown = new Map<string, UnknownValue & { readonly rows: number[] }>();
  const faulty = new Set<string>();
  for (const read of reads) {
    if (read.number === "")
      faults.push({ row: read.row, column: numbers.heading, reason: "The tag number is missing." });
    for (const { at, value, ...fault } of read.faults) {
      faults.push(fault);
      faulty.add(read.key);
      // A value that only contradicts another cell was understood.
      if (value === null) continue;
      const key = `${at}|${value.toLowerCase()}`;
      const field = placed.find((column) => column.at === at)!.field.id;
      const known = unknown.get(key) ?? {
        column: fault.column,
        field,
        value,
        rows: [],
        reason: fault.reason,
      };
      known.rows.push(fault.row);
      unknown.set(key, known);
    }
  }
  return { faults, unknown: [...unknown.values()], faulty };
}
