import { type Duty, dutySchema } from "../duty/duty.ts";
import { cleanText, tagKey, unguardFormula } from "../text/index.ts";
import { readCell } from "./cell.ts";
import { type LineListField, lineListField } from "./fields.ts";
import { type ColumnMapping, type CsvTable, mostRows } from "./read.ts";

/** A tag as a line list brings it. */
export interface ListedTag {
  readonly number: string;
  readonly service: string;
  readonly unit: string;
  readonly duty: Duty;
}

/** Something wrong with a line list, at its place. Row 1 is the heading row. */
export interface LineListFault {
  readonly row: number;
  readonly column: string;
  readonly reason: string;
}

/** All tags of a list, or every fault and no tag. */
export type LineListReading =
  | { readonly tags: ListedTag[]; readonly faults: readonly [] }
  | { readonly tags: null; readonly faults: readonly LineListFault[] };

interface Draft {
  row: number;
  tag: Record<string, unknown>;
  cases: { row: number; fields: Record<string, unknown> }[];
}

type Column = { at: number; heading: string; field: LineListField; unit: string | null };

function place(target: Record<string, unknown>, id: string, value: unknown) {
  const [head, tail] = id.split(".") as [string, string?];
  if (tail === undefined) target[head] = value;
  else target[head] = { ...(target[head] as object | undefined), [tail]: value };
}

/** A tag's first row wins; a later row may repeat it or leave it blank, but not contradict it. */
function merge(draft: Draft, column: Column, value: unknown, row: number, faults: LineListFault[]) {
  const [head, tail] = column.field.id.split(".") as [string, string?];
  const standing =
    tail === undefined ? draft.tag[head] : (draft.tag[head] as Record<string, unknown> | undefined)?.[tail];
  // Written otherwise, it is the same number to the eye.
  if (column.field.id === "number" && standing !== undefined) return;
  if (value === null || JSON.stringify(value) === JSON.stringify(standing)) return;
  if (standing !== undefined && standing !== null) {
    faults.push({ row, column: column.heading, reason: `Contradicts row ${draft.row} of the same tag.` });
  } else place(draft.tag, column.field.id, value);
}

const wideKinds = ["normal", "maximum"] as const;

function caseOf(fields: Record<string, unknown>, at: number): Record<string, unknown> | null {
  if (Object.values(fields).every((v) => v === null || v === undefined)) return null;
  const kind = fields.kind ?? "normal";
  return { ...stated(fields), id: fields.id ?? `c${at + 1}`, kind, name: fields.name ?? kind };
}

/** Only what a list says: the rest is the duty's own to fill in. */
const stated = (fields: Record<string, unknown>) =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== null && value !== undefined));

function finish(draft: Draft, headingOf: (id: string) => string, faults: LineListFault[]): ListedTag | null {
  const { number, service, unit, normal, maximum, fluid, ...rest } = draft.tag;
  const wide = { normal, maximum } as Record<string, Record<string, unknown> | undefined>;
  const rows: { row: number; fields: Record<string, unknown> }[] = [
    ...wideKinds.flatMap((kind) =>
      wide[kind]
        ? [
            {
              row: draft.row,
              fields: {
                ...wide[kind],
                kind: Object.values(wide[kind]).some((v) => v !== null) ? kind : null,
              },
            },
          ]
        : [],
    ),
    ...draft.cases,
  ];
  const cases = rows.flatMap(({ row, fields }) => {
    const one = caseOf(fields, 0);
    return one ? [{ row, fields }] : [];
  });
  const duty = {
    ...stated(rest),
    fluid: stated((fluid ?? {}) as Record<string, unknown>),
    cases: cases.map(({ fields }, at) => caseOf(fields, at)),
  };
  const parsed = dutySchema.safeParse(duty);
  if (parsed.success)
    return {
      number: String(number),
      service: String(service ?? ""),
      unit: String(unit ?? ""),
      duty: parsed.data,
    };
  for (const issue of parsed.error.issues) {
    const inCase = issue.path[0] === "cases" && typeof issue.path[1] === "number";
    const id = inCase ? String(issue.path[2] ?? "name") : issue.path.join(".");
    faults.push({
      row: inCase ? cases[issue.path[1] as number]!.row : draft.row,
      column: headingOf(id),
      reason: issue.message,
    });
  }
  return null;
}

/**
 * Turns a table into tags. Rows with the same tag number are the cases of one tag; a list with one row
 * a tag may give normal and maximum conditions in columns of their own. All or nothing.
 *
 * @param table what `readCsv` gave
 * @param mapping one for each column, as guessed and corrected
 * @returns every tag, or every fault with row, column and reason
 * @source the line list
 * @example convertLineList(readCsv("Tag\nXV-1"), [{ field: "number", unit: null }]).tags.length // → 1
 */
export function convertLineList(table: CsvTable, mapping: readonly ColumnMapping[]): LineListReading {
  const faults: LineListFault[] = [];
  const columns: Column[] = mapping.flatMap((m, at) => {
    const field = m.field === null ? undefined : lineListField(m.field);
    return field ? [{ at, heading: table.headings[at]!, field, unit: m.unit }] : [];
  });
  const headingOf = (id: string) =>
    columns.find((c) => c.field.id === id || c.field.id.endsWith(`.${id}`))?.heading ??
    lineListField(id)?.label ??
    id;
  const twice = columns.find((c, i) => columns.findIndex((other) => other.field.id === c.field.id) !== i);
  if (twice)
    return {
      tags: null,
      faults: [{ row: 1, column: twice.heading, reason: `Two columns go to "${twice.field.label}".` }],
    };
  const numbers = columns.find((c) => c.field.id === "number");
  if (!numbers)
    return {
      tags: null,
      faults: [{ row: 1, column: "Tag", reason: "No column is the tag number. Say which one it is." }],
    };

  const drafts = new Map<string, Draft>();
  table.rows.forEach((cells, index) => {
    const row = index + 2;
    const number = cleanText(unguardFormula(cells[numbers.at] ?? "")).trim();
    if (number === "") {
      faults.push({ row, column: numbers.heading, reason: "The tag number is missing." });
      return;
    }
    const key = tagKey(number);
    let draft = drafts.get(key);
    if (!draft) {
      draft = { row, tag: {}, cases: [] };
      drafts.set(key, draft);
    }
    const fields: Record<string, unknown> = {};
    for (const column of columns) {
      const reading = readCell(cells[column.at] ?? "", column.field.holds, column.unit, table.decimal);
      if ("reason" in reading) faults.push({ row, column: column.heading, reason: reading.reason });
      else if (column.field.of === "case") place(fields, column.field.id, reading.value);
      else merge(draft, column, reading.value, row, faults);
    }
    draft.cases.push({ row, fields });
  });
  if (drafts.size > mostRows)
    faults.push({
      row: 1,
      column: numbers.heading,
      reason: `${drafts.size} tags; at most ${mostRows} are imported at once.`,
    });
  const tags: ListedTag[] = [];
  for (const draft of drafts.values()) {
    const tag = finish(draft, headingOf, faults);
    if (tag) tags.push(tag);
  }
  return faults.length > 0
    ? { tags: null, faults: faults.sort((a, b) => a.row - b.row) }
    : { tags, faults: [] };
}
