import { caseFields, dutyFields } from "../fields/duty-fields.ts";
import { lastOf } from "../fields/field.ts";
import type { OperatingCase } from "../statement/case.ts";
import { type Duty, dutySchema } from "../statement/duty.ts";
import { valueAt, withValueAt } from "../statement/shape.ts";
import type { ListedTag } from "./list-reading.ts";

/** One thing a revised list says otherwise than the project. */
export interface ListedChange {
  /** Label of the field, with the case's name before it where it is one's. */
  readonly label: string;
  readonly was: string;
  readonly is: string;
}

/** A tag of the project as a revised list would leave it. */
export interface Revised {
  readonly tag: ListedTag;
  readonly changes: readonly ListedChange[];
  /** Why the changes cannot stand together with what the list does not speak of; null where they can. */
  readonly fault: string | null;
}

/** What is known of a list besides what it states of a tag. */
export interface ListKnown {
  /** Whether the list names cases by their ids, as this program's export does. */
  readonly ownIds?: boolean;
  /** Paths of the duty that were guessed: what is stated already stands against a guess. */
  readonly guessed?: ReadonlySet<string>;
}

const words = (value: unknown): string => {
  if (value === null || value === undefined || value === "") return "blank";
  if (Array.isArray(value)) return value.length === 0 ? "none" : value.join("; ");
  return typeof value === "boolean" ? (value ? "yes" : "no") : String(value);
};
/** Spreadsheets keep fifteen figures of a number: what differs only beyond them is the same. */
const same = (a: unknown, b: unknown) =>
  typeof a === "number" && typeof b === "number"
    ? a.toPrecision(14) === b.toPrecision(14)
    : JSON.stringify(a) === JSON.stringify(b);
const says = (value: unknown) => value !== null && value !== undefined && value !== "";

/** The case of the project a listed one speaks of: by its id, else by kind and name, else the only one of its kind. */
function counterpart(
  cases: readonly OperatingCase[],
  listed: OperatingCase,
  byId: boolean,
): OperatingCase | undefined {
  if (byId) return cases.find(({ id }) => id === listed.id);
  const kind = cases.filter((one) => one.kind === listed.kind);
  return kind.find(({ name }) => name === listed.name) ?? (kind.length === 1 ? kind[0] : undefined);
}

const defaulted = new Set(["flow", "mayBeShut", "name"]);

function revisedCase(
  was: OperatingCase,
  listed: OperatingCase,
  whole: boolean,
  changes: ListedChange[],
): OperatingCase {
  const next: Record<string, unknown> = { ...was };
  for (const { path, label } of caseFields) {
    const key = lastOf(path);
    const is = listed[key as keyof OperatingCase];
    if (key === "id" || !says(is) || same(next[key], is)) continue;
    // What a list without a place for it leaves to its default has not been said by it.
    if (!whole && (defaulted.has(key) || (key === "rateBasis" && listed.rate === null))) continue;
    changes.push({ label: `${was.name}: ${label}`, was: words(next[key]), is: words(is) });
    next[key] = is;
  }
  return next as unknown as OperatingCase;
}

function nextId(cases: readonly OperatingCase[]): string {
  const taken = new Set(cases.map(({ id }) => id));
  for (let n = cases.length + 1; ; n++) if (!taken.has(`c${n}`)) return `c${n}`;
}

/**
 * What a revised list changes in a tag: what it states is taken over, what it leaves blank stays as it is, and so do
 * cases it does not speak of.
 *
 * @param was the tag of the project
 * @param listed the same tag as the list has it
 * @param known what is known of the list besides
 * @returns the tag as it would be, and each change; no change where the list says nothing new; the tag as it was and a
 * sentence where the changes make no sound duty together with what stays
 * @source the line list
 */
export function revise(
  was: ListedTag,
  listed: ListedTag,
  { ownIds = false, guessed = new Set() }: ListKnown = {},
): Revised {
  const changes: ListedChange[] = [];
  const note = (label: string, before: unknown, after: unknown) =>
    changes.push({ label, was: words(before), is: words(after) });
  const own = (key: "service" | "unit", label: string) => {
    if (!says(listed[key]) || listed[key] === was[key]) return was[key];
    note(label, was[key], listed[key]);
    return listed[key];
  };
  const service = own("service", "Service");
  const unit = own("unit", "Unit");
  let duty: Duty = was.duty;
  for (const { path, label } of dutyFields) {
    const is = valueAt(listed.duty, path);
    const before = valueAt(duty, path);
    if (!says(is) || same(before, is) || (guessed.has(path) && says(before))) continue;
    note(label, before, is);
    duty = withValueAt(duty, path, is);
  }
  let cases = [...duty.cases];
  for (const one of listed.duty.cases) {
    const there = counterpart(cases, one, ownIds);
    if (there) cases = cases.map((c) => (c === there ? revisedCase(there, one, ownIds, changes) : c));
    else {
      const added = { ...one, id: cases.some(({ id }) => id === one.id) ? nextId(cases) : one.id };
      note(`${one.name}: case`, null, "added");
      cases = [...cases, added];
    }
  }
  const remarks = { ...was.remarks };
  for (const [heading, text] of Object.entries(listed.remarks)) {
    if (remarks[heading] === text) continue;
    note(heading, remarks[heading], text);
    remarks[heading] = text;
  }
  if (changes.length === 0) return { tag: was, changes, fault: null };
  const next = dutySchema.safeParse({ ...duty, cases });
  if (!next.success) return { tag: was, changes, fault: next.error.issues[0]!.message };
  return { tag: { number: was.number, service, unit, remarks, duty: next.data }, changes, fault: null };
}
