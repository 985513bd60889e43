import { type AnyField, caseFields, dutyFields, type Holds, lastOf } from "../duty/fields/index.ts";
import { unitsOf } from "../units/units.ts";

/** A field of a line list: where it goes and which headings mean it. */
export interface LineListField {
  readonly id: string;
  readonly label: string;
  readonly of: "tag" | "case" | "normal" | "maximum";
  readonly holds: Holds;
  /** Headings, lower case, without units, spaces reduced to one. */
  readonly headings: readonly string[];
}

/** What names a tag, and is no part of its duty. */
const tagFields: readonly LineListField[] = [
  {
    id: "number",
    label: "Tag",
    of: "tag",
    holds: { kind: "text", most: 40 },
    headings: ["tag", "tag no", "tag no.", "tag number", "valve tag", "valve no", "item"],
  },
  {
    id: "service",
    label: "Service",
    of: "tag",
    holds: { kind: "text", most: 120 },
    headings: ["service", "service description", "description"],
  },
  {
    id: "unit",
    label: "Unit",
    of: "tag",
    holds: { kind: "text", most: 60 },
    headings: ["unit", "plant unit", "system"],
  },
];

/**
 * Fields of line lists that a duty's fields make.
 *
 * @param ofDuty fields of a duty
 * @param ofCase fields of a case
 * @returns fields in the order the export writes them; `normal` and `maximum` are for one-row-a-tag lists
 */
export function lineListFieldsOf(
  ofDuty: readonly AnyField[],
  ofCase: readonly AnyField[],
): readonly LineListField[] {
  const known = ({ label, holds, headings }: AnyField) => ({
    label,
    holds,
    headings: [...new Set([label.toLowerCase(), ...headings])],
  });
  return [
    ...tagFields,
    ...ofDuty.map((field) => ({ id: field.path, of: "tag" as const, ...known(field) })),
    ...ofCase.map((field) => ({ id: lastOf(field.path), of: "case" as const, ...known(field) })),
    ...(["normal", "maximum"] as const).flatMap((of) =>
      ofCase.flatMap(({ path, wide, holds }) =>
        wide?.[of] ? [{ id: `${of}.${lastOf(path)}`, of, holds, ...wide[of] }] : [],
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
