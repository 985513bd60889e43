import { cleanText } from "../../basis/text/clean.ts";
import { unguardFormula } from "../../basis/text/formula.ts";
import { tagKey } from "../../basis/text/tag-key.ts";
import { type LineListField, lineListField } from "./fields.ts";
import type { ColumnPlan } from "./plan.ts";
import { headingOfRemark } from "./remarks.ts";
import type { Table, TableRow } from "./table.ts";
import { notStated } from "./values/not-stated.ts";
import { readCell } from "./values/read-cell.ts";
import type { Cell, Ends, Reading } from "./values/reading.ts";

/** Something wrong with a line list, at its place. Rows count from 1, as in the file. */
export interface LineListFault {
  readonly row: number;
  readonly column: string;
  readonly reason: string;
}

/** A column with its field. */
export interface Column {
  readonly at: number;
  readonly heading: string;
  readonly field: LineListField;
  readonly unit: string | null;
}

/** Corrections of the user for single cells and values of a list. */
export interface Mended {
  /** Another text for a cell, by row and column. */
  readonly cells?: Readonly<Record<number, Readonly<Record<number, string>>>>;
  /** Replacement for a value, by field and by the value in small letters. */
  readonly values?: Readonly<Record<string, Readonly<Record<string, string>>>>;
}

export type Stated = number | Ends | string | boolean | readonly string[];

/** One row as it was read. */
export interface RowRead {
  readonly row: number;
  readonly number: string;
  readonly key: string;
  /** Values of the tag by field. */
  readonly tag: ReadonlyMap<string, { readonly value: unknown; readonly heading: string }>;
  /** Values of the row's case by field; a range where a cell states one. */
  readonly own: ReadonlyMap<string, Stated>;
  readonly byKind: ReadonlyMap<string, ReadonlyMap<string, Stated>>;
  readonly remarks: Readonly<Record<string, string>>;
  /** Assumptions, with their column. */
  readonly guesses: readonly { readonly column: string; readonly field: string; readonly says: string }[];
  /** With the text that is not understood; null where two cells disagree. */
  readonly faults: readonly (LineListFault & { readonly at: number; readonly value: string | null })[];
}

/** The user's replacement of a cell, or the meaning given to its value. */
function cellOf({ cells, row }: TableRow, { at, field }: Column, { cells: other, values }: Mended): Cell {
  const cell = other?.[row]?.[at] ?? cells[at] ?? "";
  const written = String(cell).trim().toLowerCase();
  const as = values?.[field.id];
  // A cell may say "constructor".
  return as && Object.hasOwn(as, written) ? as[written]! : cell;
}

const cached = new WeakMap<Table, Map<string, Reading>>();

/** Lists say the same thing many times over. */
function readOnce(table: Table, cell: Cell, { field, unit }: Column): Reading {
  const known = cached.get(table) ?? new Map<string, Reading>();
  cached.set(table, known);
  const key = `${field.id}|${unit}|${typeof cell}|${cell}`;
  const there = known.get(key);
  if (there) return there;
  const reading = readCell(cell, field, unit, table.decimal);
  known.set(key, reading);
  return reading;
}

/**
 * The columns that go somewhere.
 *
 * @param plan one entry per column
 * @returns columns with their fields, and the columns that go to the remarks
 */
export function columnsOf(plan: readonly ColumnPlan[]): {
  placed: Column[];
  others: { at: number; heading: string }[];
} {
  const placed: Column[] = [];
  const others: { at: number; heading: string }[] = [];
  plan.forEach(({ field: id, heading, unit }, index) => {
    const field = id === null ? undefined : lineListField(id);
    const named = heading === "" ? `Column ${index + 1}` : heading;
    if (field) placed.push({ at: index, heading: named, field, unit });
    else others.push({ at: index, heading: named });
  });
  return { placed, others };
}

const numberIn = (cell: Cell | undefined) => cleanText(unguardFormula(String(cell ?? ""))).trim();

/** One value of a row, at its place. */
class Taking {
  readonly tag = new Map<string, { value: unknown; heading: string }>();
  readonly own = new Map<string, Stated>();
  readonly byKind = new Map<string, Map<string, Stated>>();
  readonly guesses: { column: string; field: string; says: string }[] = [];
  readonly faults: (LineListFault & { at: number; value: string | null })[] = [];
  readonly kept: Record<string, string> = {};
  readonly #also: { id: string; value: unknown; column: Column }[] = [];
  readonly row: number;

  constructor(row: number) {
    this.row = row;
  }

  fault({ at, heading }: Column, value: string | null, reason: string) {
    this.faults.push({ row: this.row, column: heading, at, value, reason });
  }

  take(column: Column, cell: Cell, reading: Reading) {
    const { field, heading } = column;
    if ("reason" in reading) return this.fault(column, String(cell), reading.reason);
    if ("keep" in reading && reading.keep) this.kept[heading] = String(cell);
    if (reading.guess) this.guesses.push({ column: heading, field: field.id, says: reading.guess });
    if ("ends" in reading) return this.#range(column, String(cell), reading.ends);
    for (const [id, value] of Object.entries(reading.also ?? {})) this.#also.push({ id, value, column });
    if (reading.value !== null) this.#put(column, reading.value as Stated);
  }

  #put({ field, heading }: Column, value: Stated) {
    if (field.belongsTo === "tag") this.tag.set(field.id, { value, heading });
    else this.#casesOf(field).set(field.kind ? field.id.slice(field.kind.length + 1) : field.id, value);
  }

  #casesOf({ kind }: LineListField): Map<string, Stated> {
    if (kind === null) return this.own;
    const there = this.byKind.get(kind) ?? new Map<string, Stated>();
    this.byKind.set(kind, there);
    return there;
  }

  #range(column: Column, cell: string, ends: Ends) {
    const { field, heading } = column;
    if (field.belongsTo === "case") return this.#put(column, ends);
    if (field.otherEnd === null) return this.fault(column, cell, `"${cell}" is a range. State one value.`);
    const [low, high] = field.end === "low" ? [field.id, field.otherEnd] : [field.otherEnd, field.id];
    this.tag.set(low, { value: ends.low, heading });
    this.tag.set(high, { value: ends.high, heading });
  }

  /** Extra values from cells: they fill blanks, and may not contradict stated values. */
  finish() {
    for (const { id, value, column } of this.#also) {
      if (id === "rateBasis") {
        this.#casesOf(column.field).set(id, value as string);
        continue;
      }
      const stated = this.tag.get(id);
      if (!stated) this.tag.set(id, { value, heading: column.heading });
      else if (stated.value !== value)
        this.fault(column, null, `The cell says ${value}, but "${stated.heading}" says ${stated.value}.`);
    }
  }
}

/**
 * Reads one row of a list.
 *
 * @param table the list
 * @param row the row
 * @param columns where its columns go
 * @param mended corrections of cells and values
 * @returns values by place, guesses, and cells that cannot be read
 */
export function readRow(
  table: Table,
  row: TableRow,
  { placed, others }: ReturnType<typeof columnsOf>,
  mended: Mended,
): RowRead {
  const taking = new Taking(row.row);
  let number = "";
  for (const column of placed) {
    const cell = cellOf(row, column, mended);
    if (column.field.id === "number") number = numberIn(cell);
    if (cell !== "") taking.take(column, cell, readOnce(table, cell, column));
  }
  taking.finish();
  const remarks: Record<string, string> = { ...taking.kept };
  for (const { at, heading } of others) {
    const text = cleanText(
      unguardFormula(String(mended.cells?.[row.row]?.[at] ?? row.cells[at] ?? "")),
    ).trim();
    if (!notStated(text)) remarks[headingOfRemark(heading)] = text.slice(0, 1000);
  }
  const { tag, own, byKind, guesses, faults } = taking;
  return { row: row.row, number, key: tagKey(number), tag, own, byKind, remarks, guesses, faults };
}
