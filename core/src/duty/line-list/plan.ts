import { type UnitSystem, unitInHeading, unitsOf } from "../../basis/units/units.ts";
import { isUnitWritten, unitNamed } from "../../basis/units/written.ts";
import { type LineListField, lineListField, lineListFields } from "./fields.ts";
import { leastConfidence, type Placing, placesOf, sureConfidence } from "./place.ts";
import type { Table } from "./table.ts";
import { notStated } from "./values/not-stated.ts";
import { flowIn } from "./values/quantity.ts";
import { readCell } from "./values/read-cell.ts";
import type { Cell } from "./values/reading.ts";
import { sizesIn } from "./values/size.ts";

/** Place and unit of a column. */
export interface ColumnPlan {
  readonly heading: string;
  /** Id of a line-list field; null where the column belongs to the remarks. */
  readonly field: string | null;
  readonly unit: string | null;
  /** From 0 to 1; 1 where the user decided it. */
  readonly confidence: number;
  /** Why it is unsure, in a sentence; null where it is sure. */
  readonly doubt: string | null;
}

const sampled = 200;
const fewValues = 5;

const valuesOf = (table: Table, column: number): Cell[] => {
  const seen = new Set<Cell>();
  for (const { cells } of table.rows) {
    const cell = cells[column];
    if (cell !== undefined && !notStated(String(cell))) seen.add(cell);
    if (seen.size === sampled) break;
  }
  return [...seen];
};

/** The part of a column's values that a field can be read from. */
function readable(field: LineListField, values: readonly Cell[], unit: string | null, table: Table): number {
  if (values.length === 0 || field.holds.kind === "text") return 1;
  const read = values.filter((cell) => !("reason" in readCell(cell, field, unit, table.decimal)));
  return read.length / values.length;
}

const numberShape = /^[\p{L}\d][\p{L}\d ./_-]*\d[\p{L}\d]*$/u;

/** A column of names that all differ, each with letters and figures. */
const looksLikeTags = (values: readonly Cell[], rows: number) =>
  values.length >= Math.min(rows, sampled) * 0.5 &&
  values.every((v) => typeof v === "string" && v.length <= 40 && numberShape.test(v) && /\p{L}/u.test(v));

interface Unit {
  readonly unit: string | null;
  readonly said: boolean;
}

/**
 * Unit that a column states, in its heading or in the row of units.
 *
 * @param field of the column
 * @param heading its heading
 * @param below text in the row of units, "" where there is none
 * @returns unit label, null where units do not apply; `said` is false where the home unit is assumed
 * @source the product's unit table
 * @example unitSaid(lineListField("dn"), "Size (in)", "").unit // → "NPS"
 */
export function unitSaid(field: LineListField, heading: string, below: string): Unit {
  const inRow = below.replace(/^[([]|[)\]]$/g, "");
  const { holds } = field;
  if (holds.kind === "size") {
    const words = `${heading} ${inRow}`;
    if (/\b(nps|inch|inches|in|zoll|pouces?|pulg|poll|polegadas|duim)\b|["″]/i.test(words))
      return { unit: "NPS", said: true };
    return { unit: "DN", said: /\b(dn|mm|nb|nw)\b/i.test(words) };
  }
  if (holds.kind === "quantity") {
    const inBrackets = [...heading.matchAll(/[([]((?:[^()[\]]|\([^)]*\))*)[)\]]/g)].map(
      ([, inside]) => inside!,
    );
    const words = heading.split(/[\s,]+/);
    const named =
      [inRow, ...inBrackets.toReversed(), words.slice(-2).join(" "), words.at(-1)!]
        .map((text) => (isUnitWritten(text) ? unitNamed(text, holds.quantity) : null))
        .find((unit) => unit !== null) ?? unitInHeading(heading, holds.quantity);
    return { unit: named ?? unitsOf(holds.quantity)[0]!, said: named !== null };
  }
  if (holds.kind === "number" && field.id.endsWith("rate")) {
    const inBrackets = /[([]([^)\]]+)[)\]]/.exec(heading)?.[1] ?? heading.split(/[\s,]+/).at(-1) ?? "";
    const flow = flowIn(inRow) ?? flowIn(inBrackets);
    return { unit: flow?.unit ?? null, said: flow !== null };
  }
  if (holds.kind === "designation")
    return { unit: /\bpn\b|nenndruck|nominal|nominale|nominaal/i.test(heading) ? "PN" : null, said: true };
  return { unit: null, said: true };
}

/** Whether a list uses US units: by its columns, else by the setting. */
const inUS = (units: readonly (string | null)[], usually: UnitSystem) => {
  const us = units.filter((u) => u !== null && /psi|°F|lb|gpm|scf/.test(u)).length;
  const metric = units.filter((u) => u !== null && /bar|°C|Pa|kg|m³/.test(u)).length;
  return us > metric || (us === metric && usually === "US");
};

const usUnit: Readonly<Record<string, string>> = {
  pressure: "psi g",
  differential: "psi",
  temperature: "°F",
};

interface Draft {
  heading: string;
  places: readonly Placing[];
  values: readonly Cell[];
  field: LineListField | null;
  confidence: number;
  unit: string | null;
  said: boolean;
  doubt: string | null;
}

function draftOf(table: Table, column: number): Draft {
  const heading = table.headings[column]!;
  const values = valuesOf(table, column);
  const weighed = placesOf(heading)
    .slice(0, 6)
    .map(({ field, confidence }) => {
      const { unit: named, said } = unitSaid(field, heading, table.units[column]!);
      // If the unit of sizes is not stated, the values below decide.
      const unit = field.holds.kind === "size" && !said ? (sizesIn(values) ?? named) : named;
      const part = readable(field, values, unit, table);
      // A field that fits few of many values is not what the column holds, whatever its heading says. Of a few values
      // all may be wrong.
      const weight = part >= 0.5 || values.length < fewValues ? 0.7 + 0.3 * part : part;
      return { field, unit, said, confidence: confidence * weight };
    })
    .sort((a, b) => b.confidence - a.confidence);
  const fitting = weighed.filter(({ confidence }) => confidence >= leastConfidence);
  const [best] = fitting;
  const refused = weighed[0]?.field ?? null;
  return {
    heading,
    places: fitting,
    values,
    field: best?.field ?? null,
    confidence: best?.confidence ?? 0,
    unit: best?.unit ?? null,
    said: best?.said ?? true,
    doubt:
      best || refused === null
        ? null
        : `The heading says ${refused.label}, but most of its values cannot be read as that.`,
  };
}

/**
 * Two columns for one place: the one with more confidence keeps it, the other goes to its next place or to the remarks.
 */
function settle(drafts: Draft[]): void {
  for (let rounds = 0; rounds < drafts.length; rounds++) {
    const clash = drafts.find(
      (draft) => draft.field && drafts.some((other) => other !== draft && other.field === draft.field),
    );
    if (!clash) return;
    const rivals = drafts.filter(({ field }) => field === clash.field);
    const keeps = rivals.reduce((a, b) => (b.confidence > a.confidence ? b : a));
    for (const other of rivals) {
      if (other === keeps) continue;
      const next = other.places.find(({ field }) => !drafts.some((d) => d.field === field));
      other.doubt = `"${keeps.heading}" is already mapped to ${keeps.field!.label}.`;
      other.field = next?.field ?? null;
      other.confidence = Math.min(next?.confidence ?? 0, 0.6);
    }
  }
}

function takeTags(drafts: Draft[], rows: number): void {
  const tag = drafts.find(({ field }) => field?.id === "number");
  if (tag && (tag.confidence >= sureConfidence || looksLikeTags(tag.values, rows))) return;
  const like = drafts.find(
    ({ field, values }) => (field === null || field === tag?.field) && looksLikeTags(values, rows),
  );
  if (!like || like === tag) return;
  if (tag) Object.assign(tag, { field: null, confidence: 0 });
  Object.assign(like, {
    field: lineListFields.find(({ id }) => id === "number")!,
    confidence: 0.6,
    doubt: "Recognised by its content: every row has a different name.",
  });
}

const rounded = (value: number) => Math.round(value * 100) / 100;

/**
 * Guesses place and unit of each column, from heading, units and values.
 *
 * @param table a list
 * @param usually system of units where no column states one; metric by default
 * @returns one plan per column; each field once
 * @source the lexicon and the product's unit table
 * @example planFor(findTable(gridOfText("Valve Tag No.,Size\nXV-1,2\"")))[0].field // → "number"
 */
export function planFor(table: Table, usually: UnitSystem = "metric"): ColumnPlan[] {
  const drafts = table.headings.map((_, index) => draftOf(table, index));
  settle(drafts);
  takeTags(drafts, table.rows.length);
  const us = inUS(
    drafts.map(({ unit, said }) => (said ? unit : null)),
    usually,
  );
  return drafts.map(({ heading, field, unit, said, confidence, doubt, values }) => {
    if (!field) return { heading, field: null, unit: null, confidence: 0, doubt };
    const { holds } = field;
    let [chosen, sure, why] = [unit, confidence, doubt];
    const bare = values.some((v) => typeof v === "number" || /^[-+−\d.,/\s]+$/.test(v));
    if (holds.kind === "size" && !said) {
      chosen = sizesIn(values) ?? (us ? "NPS" : unit);
      if (bare && sizesIn(values) === null && values.length > 0)
        why = `DN or NPS is not stated: ${chosen} is assumed.`;
    } else if (holds.kind === "quantity" && !said) {
      chosen = us ? (usUnit[holds.quantity] ?? unit) : unit;
      if (bare) why = `No unit is stated: ${chosen} is assumed.`;
    }
    if (why !== null) sure = Math.min(sure, sureConfidence - 0.05);
    return {
      heading,
      field: field.id,
      unit: chosen,
      confidence: rounded(sure),
      doubt: why ?? (sure < sureConfidence ? "The heading is only partly understood." : null),
    };
  });
}

/**
 * Whether the user should check the place of a column.
 *
 * @param column a column's plan
 * @returns true where it has a place that is not sure
 * @example isUnsure({ heading: "T", field: "temperatureC", unit: "°C", confidence: 0.6, doubt: null }) // → true
 */
export const isUnsure = ({ field, confidence }: ColumnPlan): boolean =>
  field !== null && confidence < sureConfidence;

/**
 * Units a mapped column may be corrected to.
 *
 * @param fieldId field of the column
 * @returns unit labels; none where units do not apply
 * @source the product's unit table
 * @example unitChoices("dn") // → ["DN","NPS"]
 */
export function unitChoices(fieldId: string | null): string[] {
  const field = fieldId === null ? undefined : lineListField(fieldId);
  if (field?.holds.kind === "size") return ["DN", "NPS"];
  if (field?.holds.kind === "designation") return ["class", "PN"];
  if (field?.id.endsWith("rate") && field.holds.kind === "number")
    return [...unitsOf("volume flow"), ...unitsOf("gas flow"), ...unitsOf("mass flow")];
  return field?.holds.kind === "quantity" ? unitsOf(field.holds.quantity) : [];
}
