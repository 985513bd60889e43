import { z } from "zod";
import { caseFields, dutyFields } from "../fields/duty-fields.ts";
import type { AnyField } from "../fields/field.ts";
import { caseSchemaOf, type OperatingCase } from "./case.ts";
import { fieldsBelow, schemasOf, valueAt } from "./shape.ts";

/** Format of the duties this release writes; older ones are read by duty/versions. */
export const dutyFormat = "proven-seat-duty/3";

type DutyFields = (typeof dutyFields)[number];

/** Hazards as entered: null where not stated. */
export type Duty = {
  format: typeof dutyFormat;
  cases: OperatingCase[];
  fluid: { [F in DutyFields as F["path"] extends `fluid.${infer Key}` ? Key : never]: z.output<F["schema"]> };
} & {
  [F in DutyFields as F["path"] extends `${string}.${string}` ? never : F["path"]]: z.output<F["schema"]>;
};

/** A field that can be asked with a whole duty. */
export type DutyField = AnyField<Duty>;

/** The fields for this duty type; the compiler checks here that a duty has all the values they read. */
export const fieldsOfDuty: readonly DutyField[] = dutyFields;

const mostCases = 24;

/**
 * Schema of a duty with given fields, in the newest format.
 *
 * @param fields fields of the duty
 * @param ofCase fields of a case
 * @returns Zod schema: nothing but these fields, ranges in order, cases with ids of their own
 */
export function dutySchemaOf(fields: readonly AnyField[], ofCase: readonly AnyField[]): z.ZodType<Duty> {
  return z
    .strictObject({
      format: z.literal(dutyFormat).default(dutyFormat),
      ...schemasOf(fields, ""),
      fluid: z.strictObject(schemasOf(fields, "fluid.")).prefault({}),
      cases: z.array(caseSchemaOf(ofCase)).max(mostCases, `At most ${mostCases} cases.`).default([]),
    })
    .superRefine((duty, context) => {
      const report = (path: PropertyKey[], message: string) =>
        context.addIssue({ code: "custom", path, message });
      const seen = new Set<unknown>();
      (duty.cases as { id: unknown }[]).forEach(({ id }, index) => {
        if (seen.has(id)) report(["cases", index, "id"], `Two cases share the id "${id}".`);
        seen.add(id);
      });
      for (const { path, range } of fields) {
        if (range?.end !== "high") continue;
        const low = fields.find((f) => f.range?.name === range.name && f.range.end === "low")!;
        const [from, to] = [valueAt(duty, low.path), valueAt(duty, path)];
        if (typeof from === "number" && typeof to === "number" && from > to)
          report(path.split("."), range.crossed);
      }
    })
    .overwrite((duty) => ({
      ...duty,
      cases: named(duty.cases as OperatingCase[]),
    })) as unknown as z.ZodType<Duty>;
}

/** Cases without a name are called by their kind, numbered where a name is taken. */
function named(cases: readonly OperatingCase[]): OperatingCase[] {
  const taken = new Set(cases.map(({ name }) => name));
  return cases.map((c) => {
    if (c.name !== "") return c;
    let name: string = c.kind;
    for (let n = 2; taken.has(name); n++) name = `${c.kind} ${n}`;
    taken.add(name);
    return { ...c, name };
  });
}

export const dutySchema = dutySchemaOf(dutyFields, caseFields);

const unstated = (below: string) => fieldsBelow(dutyFields, below, (field) => field.unstated ?? null);

/** A duty without values; equal to the schema's result for `{}`, without loading the schema. */
export const emptyDuty = {
  format: dutyFormat,
  ...unstated(""),
  fluid: unstated("fluid."),
  cases: [],
} as unknown as Duty;
