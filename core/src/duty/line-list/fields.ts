import { unitsOf } from "../../basis/units/units.ts";
import { caseFields, dutyFields } from "../fields/duty-fields.ts";
import { type AnyField, type Holds, lastOf } from "../fields/field.ts";
import { type CaseKind, caseKinds } from "../fields/words.ts";

/** A field of a line list: its target and the headings that mean it. */
export interface LineListField {
  readonly id: string;
  readonly label: string;
  readonly belongsTo: "tag" | "case";
  /** Kind of case its values belong to, in a list with one row per tag; null for the row's own case or for the tag. */
  readonly kind: CaseKind | null;
  /** Whether headings may give it to a kind of case. */
  readonly byKind: boolean;
  readonly holds: Holds;
  /** Headings in lower case, without units, with single spaces. */
  readonly headings: readonly string[];
  /** Concepts of the lexicon that mean it when they occur together. */
  readonly means: readonly string[];
  readonly written: Readonly<Record<string, string>>;
  /** The other end of a range: a cell may state both. */
  readonly otherEnd: string | null;
  /** Which end of its range it is. */
  readonly end: "low" | "high" | null;
}

type Given = Pick<LineListField, "id" | "label" | "holds" | "headings" | "means"> & Partial<LineListField>;

const listField = (definition: Given): LineListField => ({
  belongsTo: "tag",
  kind: null,
  byKind: false,
  written: {},
  otherEnd: null,
  end: null,
  ...definition,
});

/** Fields that name a tag and are no part of its duty. */
const tagFields: readonly LineListField[] = [
  listField({
    id: "number",
    label: "Tag",
    holds: { kind: "text", most: 40 },
    headings: ["tag", "tag no", "tag no.", "tag number", "valve tag", "valve no"],
    means: ["tag", "valve number", "~item", "~item number", "~number"],
  }),
  listField({
    id: "service",
    label: "Service",
    holds: { kind: "text", most: 120 },
    headings: ["service", "service description", "description"],
    means: ["service"],
  }),
  listField({
    id: "unit",
    label: "Unit",
    holds: { kind: "text", most: 60 },
    headings: ["unit", "plant unit", "system"],
    means: ["unit", "unit number", "~area", "~installation area"],
  }),
];

/** Values a list may give instead of a downstream pressure. */
const differential: Given = {
  id: "differentialBar",
  label: "Differential",
  belongsTo: "case",
  byKind: true,
  holds: { kind: "quantity", quantity: "differential", least: 0, most: 1000 },
  headings: ["differential"],
  means: ["differential", "differential pressure", "valve differential"],
};

/**
 * Fields of line lists that a duty's fields make.
 *
 * @param ofDuty fields of a duty
 * @param ofCase fields of a case
 * @returns fields in the order of the export; those of a kind of case are for lists with one row per tag
 */
export function lineListFieldsOf(
  ofDuty: readonly AnyField[],
  ofCase: readonly AnyField[],
): readonly LineListField[] {
  const known = ({ label, holds, headings, means = [], written = {} }: AnyField) => ({
    label,
    holds,
    headings: [...new Set([label.toLowerCase(), ...headings])],
    means,
    written,
  });
  const endOf = (field: AnyField) =>
    field.range && ofDuty.find((f) => f.range?.name === field.range!.name && f !== field);
  const cases = [
    ...ofCase.map((field) =>
      listField({
        id: lastOf(field.path),
        belongsTo: "case",
        byKind: field.holds.kind === "quantity" || field.holds.kind === "number",
        ...known(field),
      }),
    ),
    listField(differential),
  ];
  return [
    ...tagFields,
    ...ofDuty.map((field) =>
      listField({
        id: field.path,
        otherEnd: endOf(field)?.path ?? null,
        end: field.range?.end ?? null,
        ...known(field),
      }),
    ),
    ...cases,
    ...caseKinds.flatMap((kind) =>
      cases
        .filter((field) => field.byKind)
        .map((field) =>
          listField({
            ...field,
            id: `${kind}.${field.id}`,
            label: `${field.label}, ${kind}`,
            kind,
            headings: [`${field.label}, ${kind}`.toLowerCase()],
          }),
        ),
    ),
  ];
}

export const lineListFields = lineListFieldsOf(dutyFields, caseFields);

const byId = new Map(lineListFields.map((field) => [field.id, field]));

/**
 * A line-list field by id.
 *
 * @param id for example "dn"
 * @returns the field, or undefined
 * @example lineListField("dn").label // → "Size"
 */
export function lineListField(id: string): LineListField | undefined {
  return byId.get(id);
}

/**
 * The heading the export writes over a field.
 *
 * @param field the field
 * @returns label and unit
 * @example headingOf(lineListField("dn")) // → "Size (DN)"
 */
export function headingOf({ label, holds }: LineListField): string {
  switch (holds.kind) {
    case "quantity":
      return `${label} (${unitsOf(holds.quantity)[0]})`;
    case "size":
      return `${label} (DN)`;
    case "number":
      return holds.unit === "" || label.endsWith(holds.unit) ? label : `${label}, ${holds.unit}`;
    default:
      return label;
  }
}
