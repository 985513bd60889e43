/** Any duty the schema accepts, made from the duty's own fields, new ones included. */
import fc from "fast-check";
import { nominalSizes } from "../src/basis/units/sizes.ts";
import { caseFields, dutyFields } from "../src/duty/fields/duty-fields.ts";
import type { AnyField } from "../src/duty/fields/field.ts";
import { type Duty, dutySchema, emptyDuty } from "../src/duty/statement/duty.ts";
import { withValueAt } from "../src/duty/statement/shape.ts";

const maybe = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { freq: 3 });

/** Possible values of a field: mostly usual ones, sometimes the ends of the range. */
function heldBy({ holds, moves }: AnyField): fc.Arbitrary<unknown> {
  switch (holds.kind) {
    case "text":
      return holds.examples
        ? fc.constantFrom(...holds.examples)
        : fc.string({ maxLength: Math.min(holds.most, 12) });
    case "size":
      return fc.constantFrom(...nominalSizes);
    case "designation":
      return fc.constantFrom("class 150", "class 300", "class 600", "class 1500", "PN 16", "PN 40");
    case "number":
    case "quantity": {
      const whole = fc.double({ min: holds.least, max: holds.most, noNaN: true });
      const [least, maximum] = moves ?? [holds.least, holds.most];
      const usual = fc.double({
        min: Math.max(least, holds.least),
        max: Math.min(maximum, holds.most),
        noNaN: true,
      });
      return fc.oneof({ weight: 6, arbitrary: usual }, whole, fc.constantFrom(holds.least, holds.most));
    }
    case "yes-no":
      return fc.boolean();
    case "substance":
    case "choice":
      return fc.constantFrom(...holds.options);
    case "set":
      return fc.subarray([...holds.options]);
  }
}

type Values = Record<string, unknown>;
const valuesOf = (fields: readonly AnyField[]): fc.Arbitrary<Values> =>
  fc.record(
    Object.fromEntries(
      fields.map((field) => {
        const mayBeOpen = [null, undefined].some((blank) => field.schema.safeParse(blank).success);
        return [field.path, mayBeOpen ? maybe(heldBy(field)) : heldBy(field)];
      }),
    ),
  );

/** The two ends of a range, the lower one first. */
function inOrder(values: Values, fields: readonly AnyField[]): Values {
  const ordered = { ...values };
  for (const low of fields.filter((f) => f.range?.end === "low")) {
    const high = fields.find((f) => f.range?.name === low.range!.name && f.range.end === "high")!;
    const [a, b] = [values[low.path], values[high.path]] as [number | null, number | null];
    if (a !== null && b !== null) [ordered[low.path], ordered[high.path]] = [Math.min(a, b), Math.max(a, b)];
  }
  return ordered;
}

/** A value that is not stated is left out where the schema has no null. */
const stated = (schema: AnyField["schema"], value: unknown) =>
  schema.safeParse(value).success ? { value } : null;

const caseValues = valuesOf(caseFields as readonly AnyField[]).map((values) => {
  const [up, down] = [values["cases.upstreamBarG"], values["cases.downstreamBarG"]] as (number | null)[];
  const reverse = values["cases.flow"] === "reverse";
  const both = up != null && down != null;
  const [low, high] = both ? [Math.min(up, down), Math.max(up, down)] : [down, up];
  return {
    ...values,
    "cases.upstreamBarG": reverse && both ? low : both ? high : up,
    "cases.downstreamBarG": reverse && both ? high : both ? low : down,
  } as Values;
});

const anyCase = caseValues.map((values) =>
  Object.fromEntries(
    (caseFields as readonly AnyField[]).flatMap(({ path, schema }) => {
      const kept = stated(schema, values[path]);
      return kept ? [[path.slice("cases.".length), kept.value]] : [];
    }),
  ),
);

/** Awkward duties too: half blank, in vacuum, in reverse, with every hazard at once. */
export const anyDuty: fc.Arbitrary<Duty> = fc
  .tuple(valuesOf(dutyFields as readonly AnyField[]), fc.array(anyCase, { maxLength: 6 }))
  .map(([values, cases]) => {
    const fields = dutyFields as readonly AnyField[];
    const ordered = inOrder(values, fields);
    const duty = fields.reduce((previous, { path, schema }) => {
      const kept = stated(schema, ordered[path]);
      return kept ? withValueAt(previous, path, kept.value) : previous;
    }, emptyDuty);
    return dutySchema.parse({
      ...duty,
      cases: cases.map((c, index) => ({ ...c, id: `c${index}`, name: `case ${index}` })),
    });
  });
