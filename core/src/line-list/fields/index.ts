import { caseFields } from "./case-fields.ts";
import type { LineListField } from "./field.ts";
import { fluidFields } from "./fluid-fields.ts";
import { serviceFields } from "./service-fields.ts";
import { tagFields } from "./tag-fields.ts";
import { wideFields } from "./wide-fields.ts";

/** Fields in the order the export writes them; `normal` and `maximum` are for one-row-a-tag lists. */
export const lineListFields: readonly LineListField[] = [
  ...tagFields,
  ...fluidFields,
  ...serviceFields,
  ...caseFields,
  ...wideFields,
];

const byId = new Map(lineListFields.map((field) => [field.id, field]));

/**
 * A line-list field by id.
 *
 * @param id for example "dn"
 * @returns the field, or undefined
 * @throws never
 * @source lineListFields
 * @example lineListField("dn").label // → "Size"
 */
export function lineListField(id: string): LineListField | undefined {
  return byId.get(id);
}

export type { FieldKind, LineListField } from "./field.ts";
