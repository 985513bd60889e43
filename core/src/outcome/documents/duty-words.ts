import { fluidNamed } from "../../basis/reference/fluids.ts";
import { figure } from "../../basis/units/figures.ts";
import { figureText, sizeText } from "../../basis/units/reading.ts";
import { convertUnit, type Reading, shownUnit, unitsOf } from "../../basis/units/units.ts";
import { type AnyField, type Group, groups } from "../../duty/fields/field.ts";
import { type Duty, type DutyField, fieldsOfDuty } from "../../duty/statement/duty.ts";
import { valueAt } from "../../duty/statement/shape.ts";

/** A field of the duty in words: its value, or that it is not stated. */
export interface DutyPair {
  readonly group: Group;
  readonly label: string;
  /** Null where it is not stated. */
  readonly words: string | null;
}

/**
 * A field's value as a reader has it.
 *
 * @param field the field
 * @param value as stated
 * @param reading units of the reader
 * @returns words; null where nothing is stated
 */
function valueWords(
  { holds, label }: Pick<AnyField, "holds" | "label">,
  value: unknown,
  reading: Reading,
): string | null {
  if (value === null || value === undefined || value === "") return null;
  switch (holds.kind) {
    case "quantity": {
      const [home] = unitsOf(holds.quantity);
      const unit = shownUnit(holds.quantity, reading);
      return `${figure(convertUnit(value as number, holds.quantity, home!, unit))} ${unit}`;
    }
    case "number":
      // A label that contains the unit, such as strokes a year, shows it once.
      return (
        figureText(value as number, "", reading) +
        (holds.unit && !label.endsWith(holds.unit) ? ` ${holds.unit}` : "")
      );
    case "size":
      return sizeText(value as number, reading);
    case "yes-no":
      return value ? "yes" : "no";
    case "choice":
      return holds.shown(String(value));
    case "set":
      return (value as string[]).join(", ") || "none";
    case "substance":
      return fluidNamed(String(value))?.name ?? String(value);
    default:
      return String(value);
  }
}

/**
 * A duty in words, field by field: everything that decides findings, and nothing left out.
 *
 * @param duty as entered
 * @param reading units of the reader
 * @param fields fields of the duty
 * @returns one pair per field in the order of the groups; both ends of a range in one
 */
export function dutyPairs(
  duty: Duty,
  reading: Reading,
  fields: readonly DutyField[] = fieldsOfDuty,
): DutyPair[] {
  const words = (field: AnyField) => valueWords(field, valueAt(duty, field.path), reading);
  return groups.flatMap((group) =>
    fields
      .filter(
        (field) =>
          field.group === group &&
          field.range?.end !== "high" &&
          (field.shown === undefined || field.shown(duty)),
      )
      .map((field): DutyPair => {
        if (!field.range) return { group, label: field.label, words: words(field) };
        const { name } = field.range;
        const high = fields.find((other) => other.range?.name === name && other.range.end === "high")!;
        const [from, to] = [words(field), words(high)];
        const label = name.charAt(0).toUpperCase() + name.slice(1);
        return {
          group,
          label,
          words: from === null && to === null ? null : `${from ?? "not stated"} to ${to ?? "not stated"}`,
        };
      }),
  );
}
