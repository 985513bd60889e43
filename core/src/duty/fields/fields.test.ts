import { describe, expect, it } from "vitest";
import { proven, statedInFull } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { dutyValues } from "../../judgement/breaking/duty-values.ts";
import { dutyPairs } from "../../outcome/documents/duty-words.ts";
import { headingOf, lineListFieldsOf } from "../line-list/fields.ts";
import { missingFrom } from "../settling/completeness.ts";
import { settle } from "../settling/settle.ts";
import {
  type Duty,
  type DutyField,
  dutySchema,
  dutySchemaOf,
  emptyDuty,
  fieldsOfDuty,
} from "../statement/duty.ts";
import { valueAt, withValueAt } from "../statement/shape.ts";
import { caseFields, dutyFields } from "./duty-fields.ts";
import type { AssumedField } from "./field.ts";
import { type AnyField, shortName } from "./field.ts";
import { number, quantity } from "./holds.ts";

const house = defaultHouseRules();
const everyField: readonly AnyField[] = [...dutyFields, ...caseFields];

/** A new field: everything about it is here, and nowhere else. */
const insulation: AssumedField<"insulationMm", number | null> = {
  path: "insulationMm",
  label: "Insulation",
  group: "site",
  ...quantity("length", "Insulation", [0, 500], "mm"),
  headings: ["insulation", "insul thk"],
  why: "A stem buried in insulation wants an extension.",
  settle: (duty) => duty.insulationMm ?? 40,
  otherwise: () => [150],
  moves: [0, 300],
};
// The type of a duty does not have the field, which reads its own value.
const more = [...fieldsOfDuty, insulation as unknown as DutyField];
const schema = dutySchemaOf(more, caseFields);
const withIt = (value: number | null) => withValueAt(statedInFull(), "insulationMm", value);

describe("a field added as one file", () => {
  it("is in the schema, within its range, null by default", () => {
    expect(valueAt(schema.parse({}), "insulationMm")).toBeNull();
    expect(valueAt(schema.parse({ insulationMm: 80 }), "insulationMm")).toBe(80);
    expect(schema.safeParse({ insulationMm: 501 }).error!.issues[0]).toMatchObject({
      path: ["insulationMm"],
      message: "Insulation is above 500 mm. Check the unit.",
    });
    expect(dutySchema.safeParse({ insulationMm: 80 }).success).toBe(false);
  });
  it("is settled by its own assumption", () => {
    expect(valueAt(settle(withIt(null), house, more), "insulationMm")).toBe(40);
    expect(valueAt(settle(withIt(80), house, more), "insulationMm")).toBe(80);
  });
  it("is asked for, with its assumption", () => {
    expect(missingFrom(withIt(null), house, more)).toMatchObject([
      { field: "insulationMm", label: "Insulation", assumption: { value: 40, unit: "mm" } },
    ]);
    expect(missingFrom(withIt(80), house, more)).toEqual([]);
  });
  it("may be varied to find breaking points", () => {
    const { valve } = proven();
    const values = dutyValues(withIt(80), settle(withIt(80), house, more), valve, more);
    const moved = values.find((v) => v.path === "insulationMm")!;
    expect(moved).toMatchObject({
      path: "insulationMm",
      label: "insulation",
      quantity: "length",
      value: 80,
      most: 300,
    });
    expect(valueAt(moved.at(withIt(80), 120), "insulationMm")).toBe(120);
  });
  it("comes in line lists, under its heading with a unit", () => {
    const field = lineListFieldsOf(more, caseFields).find((f) => f.id === "insulationMm")!;
    expect(field).toMatchObject({ belongsTo: "tag", headings: ["insulation", "insul thk"] });
    expect(headingOf(field)).toBe("Insulation (mm)");
  });
  it("is written on documents in the reader's units", () => {
    const words = (system: "metric" | "US") =>
      dutyPairs(withIt(254), { system }, more).find((p) => p.label === "Insulation")!.words;
    expect(words("metric")).toBe("254 mm");
    expect(words("US")).toBe("10 in");
  });
});

describe("the fields of a duty", () => {
  it("have paths, and names inside a group, of their own", () => {
    expect(new Set(everyField.map((f) => f.path)).size).toBe(everyField.length);
    for (const group of new Set(everyField.map((f) => f.group))) {
      const names = everyField.filter((f) => f.group === group).map(shortName);
      expect(new Set(names).size, group).toBe(names.length);
    }
  });
  it("have headings of their own", () => {
    const fieldsOf = (kind: "tag" | "case") =>
      lineListFieldsOf(dutyFields, caseFields).filter((f) => f.belongsTo === kind);
    for (const kind of ["tag", "case"] as const) {
      const headings = fieldsOf(kind).flatMap((f) => f.headings);
      const twice = headings.filter((h, i) => headings.indexOf(h) !== i);
      expect(twice).toEqual([]);
      for (const heading of headings) expect(heading).toBe(heading.toLowerCase());
    }
  });
  it("are varied only within their range", () => {
    for (const { path, moves, holds } of everyField) {
      if (!moves || (holds.kind !== "quantity" && holds.kind !== "number")) continue;
      expect(moves[0], path).toBeGreaterThanOrEqual(holds.least);
      expect(moves[1], path).toBeLessThanOrEqual(holds.most);
    }
  });
  it("have two ends where they are a range", () => {
    for (const { path, range } of everyField)
      if (range)
        expect(
          everyField
            .filter((f) => f.range?.name === range.name)
            .map((f) => f.range!.end)
            .sort(),
          path,
        ).toEqual(["high", "low"]);
  });
  it("give a reason where nothing may be assumed", () => {
    for (const field of everyField) if (field.mustBeKnown) expect(field.why, field.path).toBeTruthy();
  });
  it("of an empty duty equal the schema's defaults", () => {
    expect(emptyDuty).toEqual(dutySchema.parse({}));
  });
  it("are read back from an empty duty as not stated", () => {
    for (const { path } of dutyFields as readonly AnyField[])
      expect([null, ""], path).toContain(valueAt(emptyDuty as Duty, path));
  });
  it("keep a count within its range at both ends", () => {
    const { schema: fieldSchema } = number("Solids", [0, 80], "%");
    expect([fieldSchema.safeParse(0).success, fieldSchema.safeParse(80).success]).toEqual([true, true]);
    expect(fieldSchema.safeParse(-0.1).error!.issues[0]!.message).toBe("Solids cannot be below zero.");
    expect(fieldSchema.safeParse(80.1).error!.issues[0]!.message).toMatch(/above 80 %/);
  });
});
