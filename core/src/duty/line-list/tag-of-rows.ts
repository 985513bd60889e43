import { dutySchema } from "../statement/duty.ts";
import { type CaseDraft, casesOf } from "./cases.ts";
import { lineListField } from "./fields.ts";
import { type Guess, guessFluid, place, type TagDraft } from "./fluid-guess.ts";
import { senseOf } from "./heading.ts";
import type { ListedTag } from "./list-reading.ts";
import { kindSaid } from "./place.ts";
import type { Column, LineListFault, RowRead } from "./row.ts";
import { type Suggestion, suggestionKey, suggestionsIn, withSuggestions } from "./suggest.ts";

function caseAt({ fields }: CaseDraft, index: number): Record<string, unknown> {
  const kind = fields.kind ?? kindSaid(String(fields.name ?? ""));
  return { ...fields, id: fields.id ?? `c${index + 1}`, kind, name: fields.name ?? kind };
}

/** Names of cases tell several of a tag apart. */
function named(cases: readonly CaseDraft[]): Record<string, unknown>[] {
  const seen = new Map<unknown, number>();
  return cases.map(caseAt).map((operatingCase, index) => {
    const times = (seen.get(operatingCase.name) ?? 0) + 1;
    seen.set(operatingCase.name, times);
    return times > 1 && cases[index]!.fields.name === undefined
      ? { ...operatingCase, name: `${operatingCase.name}, row ${cases[index]!.row}` }
      : operatingCase;
  });
}

/** Columns of the list and decisions of the user, the same for every tag. */
export interface ListContext {
  readonly placed: readonly Column[];
  readonly undone: ReadonlySet<string>;
  readonly accepted: ReadonlySet<string>;
}

/** A tag made from its rows. */
export interface TagOfRows {
  /** Null if it is not valid: see the faults. */
  readonly tag: ListedTag | null;
  readonly faults: readonly LineListFault[];
  readonly guesses: readonly Guess[];
  readonly suggestions: readonly Suggestion[];
}

/**
 * Makes a tag from the rows with its number. Each row gives cases; other values come from the first row that has them.
 *
 * @param reads rows of the tag, as read
 * @param number as it is written
 * @param context columns and decisions of the list
 * @returns the tag or its faults, guesses that were applied, and suggestions the user may accept
 * @source the line list
 * @example tagOfRows([], "XV-1", { placed: [], undone: new Set(), accepted: new Set() }).guesses // → []
 */
export function tagOfRows(reads: readonly RowRead[], number: string, context: ListContext): TagOfRows {
  const { placed, undone, accepted } = context;
  const row = reads[0]?.row ?? 0;
  const draft: TagDraft = {};
  for (const read of reads.toReversed())
    for (const [id, { value }] of read.tag) if (id !== "number") place(draft, id, value);
  const guesses: Guess[] = reads.flatMap((read) =>
    read.guesses.map((guess) => ({ row: read.row, number, ...guess })),
  );
  // If the list has a column for the fluid and leaves it blank, the fluid is not guessed.
  const saysFluid = placed.some(({ field }) => ["fluid.substance", "fluid.family"].includes(field.id));
  const fluid = saysFluid || reads[0] === undefined ? null : guessFluid(draft, reads[0], number, undone);
  if (fluid) guesses.push(fluid);
  const { service, unit, ...rest } = draft;
  const remarks = Object.assign({}, ...reads.map((read) => read.remarks)) as Record<string, string>;
  const texts = { ...remarks, ...(service ? { [headingOf("service", placed)]: String(service) } : {}) };
  const suggestions = suggestionsIn(texts, row, number);
  const used = suggestions.filter((suggestion) => accepted.has(suggestionKey(suggestion)));
  const cases = reads.flatMap(casesOf);
  const parsed = dutySchema.safeParse(withSuggestions({ ...rest, cases: named(cases) }, used));
  if (!parsed.success) {
    const faults = parsed.error.issues.map((issue) => faultOf(issue, cases, { row, placed }));
    return { tag: null, faults, guesses, suggestions };
  }
  const tag = {
    number,
    service: String(service ?? (saysBoth(placed) ? (draft.fluid?.name ?? "") : "")),
    unit: String(unit ?? ""),
    remarks,
    duty: parsed.data,
  };
  return { tag, faults: [], guesses, suggestions };
}

/** Whether one column gives both fluid and service, by its heading. */
function saysBoth(placed: readonly Column[]): boolean {
  const fluid = placed.find(({ field }) => field.id === "fluid.name");
  return (
    fluid !== undefined && senseOf(fluid.heading).slots.some(({ concepts }) => concepts.includes("service"))
  );
}

const headingOf = (id: string, placed: readonly Column[]): string =>
  placed.find(({ field }) => field.id === id || field.id.endsWith(`.${id}`))?.heading ??
  lineListField(id)?.label ??
  id;

/** A fault of a duty at the row and column of its value. */
function faultOf(
  { path, message }: { readonly path: readonly PropertyKey[]; readonly message: string },
  cases: readonly CaseDraft[],
  { row, placed }: { readonly row: number; readonly placed: readonly Column[] },
): LineListFault {
  const inCase = path[0] === "cases" && typeof path[1] === "number" ? cases[path[1]]! : null;
  const id = inCase ? String(path[2] ?? "name") : path.join(".");
  const kind = inCase?.fields.kind as string | undefined;
  const column = kind && placed.find(({ field }) => field.id === `${kind}.${id}`)?.heading;
  return { row: inCase?.row ?? row, column: column ?? headingOf(id, placed), reason: message };
}
