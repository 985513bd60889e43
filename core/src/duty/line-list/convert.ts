import { type Duty, dutySchema } from "../statement/duty.ts";
import { type CaseDraft, casesOf } from "./cases.ts";
import { joinRows, type Pair } from "./duplicates.ts";
import { lineListField } from "./fields.ts";
import { type Guess, guessFluid, place, type TagDraft } from "./fluid-guess.ts";
import { mostTags } from "./grid.ts";
import { senseOf } from "./heading.ts";
import { kindSaid } from "./place.ts";
import type { ColumnPlan } from "./plan.ts";
import { columnsOf, type LineListFault, type Mended, type RowRead, readRow } from "./row.ts";
import { type Suggestion, suggestionKey, suggestionsIn, withSuggestions } from "./suggest.ts";
import type { Table } from "./table.ts";

/** A tag as a line list brings it. */
export interface ListedTag {
  readonly number: string;
  readonly service: string;
  readonly unit: string;
  /** Texts of columns that are no part of a duty, by their headings. */
  readonly remarks: Readonly<Record<string, string>>;
  readonly duty: Duty;
}

/** A value nobody understands, once for all the rows that have it. */
export interface UnknownValue {
  readonly column: string;
  readonly field: string;
  readonly value: string;
  readonly rows: readonly number[];
  readonly reason: string;
}

/** What a person has decided about a list, besides where its columns go. */
export interface Decisions extends Mended {
  /** Rows that are left out on purpose. */
  readonly leftOut?: readonly number[];
  /** What is done with rows of one tag that do not agree, by the tag's key. */
  readonly pairs?: Readonly<Record<string, Pair>>;
  /** Guesses that were undone, as "key|field". */
  readonly undone?: readonly string[];
  /** Suggestions that were accepted, by `suggestionKey`. */
  readonly accepted?: readonly string[];
}

/** A list as far as it is understood: tags that are whole, and at its place whatever is not. */
export interface ListReading {
  readonly tags: readonly ListedTag[];
  /** First row of each tag, by its place among the tags. */
  readonly rows: readonly number[];
  readonly faults: readonly LineListFault[];
  readonly unknown: readonly UnknownValue[];
  readonly guesses: readonly Guess[];
  readonly suggestions: readonly Suggestion[];
  /** Rows of one tag that do not agree. */
  readonly pairs: readonly {
    readonly number: string;
    readonly key: string;
    readonly rows: readonly number[];
  }[];
  /** Rows that are in none of the tags: those with a fault, and the others of their tags. */
  readonly waiting: readonly number[];
  /** Rows that say what another says already. */
  readonly repeated: readonly { readonly row: number; readonly as: number }[];
}

function caseAt({ fields }: CaseDraft, index: number): Record<string, unknown> {
  const kind = fields.kind ?? kindSaid(String(fields.name ?? ""));
  return { ...fields, id: fields.id ?? `c${index + 1}`, kind, name: fields.name ?? kind };
}

/** Names of cases that a tag has several of tell them apart. */
function named(cases: readonly CaseDraft[]): Record<string, unknown>[] {
  const seen = new Map<unknown, number>();
  return cases.map(caseAt).map((one, index) => {
    const times = (seen.get(one.name) ?? 0) + 1;
    seen.set(one.name, times);
    return times > 1 && cases[index]!.fields.name === undefined
      ? { ...one, name: `${one.name}, row ${cases[index]!.row}` }
      : one;
  });
}

/**
 * Turns a list into tags. Rows with the same tag number are the cases of one tag; a list with one row a tag may give
 * the conditions of several kinds of case in columns of their own, and both ends of a range in one cell.
 *
 * @param table what `findTable` gave
 * @param plan one for each column, as guessed and corrected
 * @param decisions what a person has mended, left out and undone
 * @returns every tag that is whole; faults with row, column and reason of the others; what was guessed and suggested
 * @source the line list
 * @example convertLineList(findTable(gridOfText("Tag\nXV-1")), [{ heading: "Tag", field: "number", unit: null, confidence: 1, doubt: null }]).tags.length // → 1
 */
export function convertLineList(
  table: Table,
  plan: readonly ColumnPlan[],
  decisions: Decisions = {},
): ListReading {
  const columns = columnsOf(plan);
  const nothing = {
    tags: [],
    rows: [],
    unknown: [],
    guesses: [],
    suggestions: [],
    pairs: [],
    waiting: [],
    repeated: [],
  };
  const [head] = table.headingRows;
  const fault = (column: string, reason: string) => ({
    ...nothing,
    faults: [{ row: head ?? 1, column, reason }],
  });
  const twice = columns.placed.find(
    (c, i) => columns.placed.findIndex((other) => other.field === c.field) !== i,
  );
  if (twice) return fault(twice.heading, `Two columns go to "${twice.field.label}".`);
  const numbers = columns.placed.find((c) => c.field.id === "number");
  if (!numbers) return fault("Tag", "No column is the tag number. Say which one it is.");
  const leftOut = new Set(decisions.leftOut);
  const undone = new Set(decisions.undone);
  const accepted = new Set(decisions.accepted);
  const faults: LineListFault[] = [];
  const unknown = new Map<
    string,
    { column: string; field: string; value: string; rows: number[]; reason: string }
  >();
  const reads = table.rows
    .filter(({ row }) => !leftOut.has(row))
    .map((row) => readRow(table, row, columns, decisions));
  const faulty = new Set<string>();
  for (const read of reads) {
    if (read.number === "")
      faults.push({ row: read.row, column: numbers.heading, reason: "The tag number is missing." });
    for (const { at, value, ...one } of read.faults) {
      faults.push(one);
      faulty.add(read.key);
      // What contradicts another cell is understood well enough.
      if (value === null) continue;
      const key = `${at}|${value.toLowerCase()}`;
      const field = columns.placed.find((c) => c.at === at)!.field.id;
      const there = unknown.get(key) ?? { column: one.column, field, value, rows: [], reason: one.reason };
      there.rows.push(one.row);
      unknown.set(key, there);
    }
  }
  const { drafts, pairs, repeated, passedOver } = joinRows(reads, decisions.pairs ?? {}, faults);
  const done = new Set([...repeated.map(({ row }) => row), ...passedOver]);
  if (drafts.length > mostTags)
    faults.push({
      row: head ?? 1,
      column: numbers.heading,
      reason: `${drafts.length} tags; at most ${mostTags} are imported at once.`,
    });
  const tags: ListedTag[] = [];
  const rows: number[] = [];
  const stored = new Set<RowRead>();
  const guesses: Guess[] = [];
  const suggestions: Suggestion[] = [];
  // A list that has a place for it and leaves it blank has not stated it.
  const saysFluid = columns.placed.some(
    ({ field }) => field.id === "fluid.substance" || field.id === "fluid.family",
  );
  // A column of the fluid whose heading speaks of the service too says both.
  const fluidColumn = columns.placed.find(({ field }) => field.id === "fluid.name");
  const bothInOne =
    fluidColumn !== undefined &&
    senseOf(fluidColumn.heading).slots.some(({ concepts }) => concepts.includes("service"));
  const headingOf = (id: string) =>
    columns.placed.find(({ field }) => field.id === id || field.id.endsWith(`.${id}`))?.heading ??
    lineListField(id)?.label ??
    id;
  for (const { reads: own, number } of drafts) {
    const first = own[0]!;
    const tag: TagDraft = {};
    for (const read of own.toReversed())
      for (const [id, { value }] of read.tag) if (id !== "number") place(tag, id, value);
    const remarks = Object.assign({}, ...own.map((read) => read.remarks)) as Record<string, string>;
    for (const read of own)
      for (const guess of read.guesses) guesses.push({ row: read.row, number, ...guess });
    const fluid = saysFluid ? null : guessFluid(tag, first, number, undone);
    if (fluid) guesses.push(fluid);
    const { service, unit, ...rest } = tag;
    const texts = { ...remarks, ...(service ? { [headingOf("service")]: String(service) } : {}) };
    const offered = suggestionsIn(texts, first.row, number);
    suggestions.push(...offered);
    const drafted = own.flatMap(casesOf);
    const taken = offered.filter((one) => accepted.has(suggestionKey(one)));
    const parsed = dutySchema.safeParse(withSuggestions({ ...rest, cases: named(drafted) }, taken));
    if (parsed.success) {
      if (faulty.has(first.key)) continue;
      tags.push({
        number,
        service: String(service ?? (bothInOne ? (tag.fluid?.name ?? "") : "")),
        unit: String(unit ?? ""),
        remarks,
        duty: parsed.data,
      });
      rows.push(first.row);
      for (const read of own) stored.add(read);
      continue;
    }
    for (const issue of parsed.error.issues) {
      const inCase = issue.path[0] === "cases" && typeof issue.path[1] === "number";
      const drafted_ = inCase ? drafted[issue.path[1] as number]! : null;
      const id = inCase ? String(issue.path[2] ?? "name") : issue.path.join(".");
      const kind = drafted_?.fields.kind as string | undefined;
      const column = kind && columns.placed.find(({ field }) => field.id === `${kind}.${id}`)?.heading;
      faults.push({
        row: drafted_?.row ?? first.row,
        column: column ?? headingOf(id),
        reason: issue.message,
      });
    }
  }
  return {
    tags,
    rows,
    faults: faults.sort((a, b) => a.row - b.row),
    unknown: [...unknown.values()],
    guesses,
    suggestions,
    pairs,
    waiting: reads.filter((read) => !stored.has(read) && !done.has(read.row)).map(({ row }) => row),
    repeated,
  };
}
