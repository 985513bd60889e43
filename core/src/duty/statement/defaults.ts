import { z } from "zod";
import { dutyFields } from "../fields/duty-fields.ts";
import type { AnyField } from "../fields/field.ts";
import type { Duty } from "./duty.ts";
import { schemasOf, valueAt, withValueAt } from "./shape.ts";

const defaulted = [
  "operator",
  "airMinimumBarG",
  "airMaximumBarG",
  "installation",
  "ambientMinimumC",
  "ambientMaximumC",
  "area",
] as const;

/** Values of a duty that a plant has in common: its tags start from them. */
export type DutyDefaults = Pick<Duty, (typeof defaulted)[number]>;

/** Fields that a project may have defaults for. */
export const defaultFields: readonly AnyField[] = dutyFields.filter(({ path }) =>
  (defaulted as readonly string[]).includes(path),
);

/**
 * Schema of a project's default values.
 *
 * @returns Zod schema: nothing but these fields, blank where the project has none, ranges in order
 */
export function dutyDefaultsSchema(): z.ZodType<DutyDefaults> {
  return z.strictObject(schemasOf(defaultFields, "")).superRefine((values, context) => {
    for (const { path, range } of defaultFields) {
      if (range?.end !== "high") continue;
      const low = defaultFields.find((f) => f.range?.name === range.name && f.range.end === "low")!;
      const [from, to] = [valueAt(values, low.path), valueAt(values, path)];
      if (typeof from === "number" && typeof to === "number" && from > to)
        context.addIssue({ code: "custom", path: [path], message: range.crossed });
    }
  }) as unknown as z.ZodType<DutyDefaults>;
}

/** A new project without defaults. */
export const noDefaults: DutyDefaults = dutyDefaultsSchema().parse({});

/**
 * A duty with the project's defaults where it states no value.
 *
 * @param duty as stated
 * @param defaults values of its project
 * @returns the duty, and labels of the fields that were filled in; a range with one end stated stays as it is
 * @source the project's own decision
 * @example withDefaults(emptyDuty, { ...noDefaults, operator: "electric" }).duty.operator // → "electric"
 */
export function withDefaults(duty: Duty, defaults: DutyDefaults): { duty: Duty; filled: string[] } {
  const filled: string[] = [];
  let next = duty;
  for (const { path, label, range } of defaultFields) {
    const value = valueAt(defaults, path);
    if (value === null || valueAt(duty, path) !== null) continue;
    const other = range && defaultFields.find((f) => f.range?.name === range.name && f.path !== path);
    if (other && valueAt(duty, other.path) !== null) continue;
    next = withValueAt(next, path, value);
    filled.push(label);
  }
  return { duty: next, filled };
}
