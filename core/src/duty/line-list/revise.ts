import { caseFields, dutyFields } from "../fields/duty-fields.ts";
import { lastOf } from "../fields/field.ts";
import type { OperatingCase } from "../statement/case.ts";
import { type Duty, dutySchema } from "../statement/duty.ts";
import { valueAt, withValueAt } from "../statement/shape.ts";
import type { ListedTag } from "./list-reading.ts";

/** One value in which a revised list differs from the project. */
export interface ListedChange {
  /** Label of the field, with the name of its case in front. */
  readonly label: string;
  readonly was: string;
  readonly is: string;
}

/** A tag of the project as a revised list would leave it. */
export interface Revised {
  readonly tag: ListedTag;
  readonly changes: readonly ListedChange[];
  /** Why the changes contradict values that are not in the list; null where they do not. */
  readonly fault: string | null;
}

/** Context of a list besides its values for a tag. */
export interface ListKnown {
  /** Whether the list names cases by their ids, as this program's export does. */
  readonly ownIds?: boolean;
  /** Paths of the duty that were guessed: a stated value stands against a guess. */
  readonly guessed?: ReadonlySet<string>;
}

const words = (value: unknown): string => {
  if (value === null || value === undefined || value === "") return "blank";
  if (Array.isArray(value)) return value.length === 0 ? "none" : value.join("; ");
  return typeof value === "boolean" ? (value ? "yes" : "no") : String(value);
};
/** Spreadsheets keep fifteen digits of a number: smaller differences are ignored. */
const same = (a: unknown, b: unknown) =>
  typeof a === "number" && typeof b === "number"
    ? a.toPrecision(14) === b.toPrecision(14)
    : JSON.stringify(a) === JSON.stringify(b);
const says = (value: unknown) => value !== null && value !== undefined && value !== "";

/** The project case that a listed one means: by id, else by kind and name, else the only one of its kind. */
function counterpart(
  cases: readonly OperatingCase[],
  listed: OperatingCase,
  byId: boolean,
): OperatingCase | undefined {
  if (byId) return cases.find(({ id }) => id === listed.id);
  const kind = cases.filter((operatingCase) => operatingCase.kind === listed.kind);
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
    // A default that the list has no column for does not count as stated.
    if (!whole && (defaulted.has(key) || (key === "rateBasis" && listed.rate === null))) continue;
    changes.push({ label: `${was.name}: ${label}`, was: words(next[key]), is: words(is) });
    next[key] = is;
  }
  return next as unknown as OperatingCase;
}

function nextId(cases: readonly OperatingCase[]): string {
  const usedIds = new Set(cases.map(({ id }) => id));
  for (let n = cases.length + 1; ; n++) if (!usedIds.has(`c${n}`)) return `c${n}`;
}

/**
 * Changes of a revised list in a tag: stated values are taken over; blank ones and cases not listed stay as they are.
 *
 * @param was the tag of the project
 * @param listed the same tag as the list has it
 * @param known context of the list
 * @returns the changed tag and each change; no changes where the list has nothing new; the unchanged tag and a sentence
 *   where the changes do not form a valid duty with the other values
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
  for (const operatingCase of listed.duty.cases) {
    const there = counterpart(cases, operatingCase, ownIds);
    if (there)
      cases = cases.map((c) => (c === there ? revisedCase(there, operatingCase, ownIds, changes) : c));
    else {
      const added = {
        ...operatingCase,
        id: cases.some(({ id }) => id === operatingCase.id) ? nextId(cases) : operatingCase.id,
      };
      note(`${operatingCase.name}: case`, null, "added");
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
