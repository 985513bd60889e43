import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Holds } from "../duty/index.ts";
import { readCell } from "./cell.ts";
import { lineListField, lineListFields } from "./fields.ts";
import { guessMapping, unitChoices, unitFor } from "./read.ts";

const read = (cell: string, holds: Holds, unit: string | null = null, decimal: "." | "," = ".") =>
  readCell(cell, holds, unit, decimal);
const pressure: Holds = { kind: "quantity", quantity: "pressure", least: 0, most: 1 };

describe("a cell of a line list", () => {
  it.each([
    ["300#", { kind: "designation" }, "class 300"],
    ["#300", { kind: "designation" }, "class 300"],
    ["600 lb", { kind: "designation" }, "class 600"],
    ["CL.150", { kind: "designation" }, "class 150"],
    ["Class 900", { kind: "designation" }, "class 900"],
    ["pn40", { kind: "designation" }, "PN 40"],
    ["Y", { kind: "yes-no" }, true],
    ["0", { kind: "yes-no" }, false],
    ["LIQUID", { kind: "choice", options: ["liquid", "gas"], shown: String }, "liquid"],
    ["none", { kind: "set", options: ["toxic"] }, []],
    ["toxic; Lethal", { kind: "set", options: ["toxic", "lethal"] }, ["toxic", "lethal"]],
    ["1,234.5", { kind: "number", unit: "", least: 0, most: 1 }, 1234.5],
    ["−7", { kind: "number", unit: "", least: 0, most: 1 }, -7],
    ["'=1+1", { kind: "text", most: 20 }, "=1+1"],
    ["'tis", { kind: "text", most: 20 }, "'tis"],
  ] as const)("%s is read as it is meant", (cell, holds, value) => {
    expect(read(cell, holds as Holds)).toEqual({ value });
  });
  it.each([
    ["7 lb", { kind: "designation" }, /not a class or PN/],
    ["perhaps", { kind: "yes-no" }, /neither yes nor no/],
    ["plasma", { kind: "choice", options: ["liquid", "gas"], shown: String }, /none of: liquid, gas/],
    ["toxic, lethal", { kind: "set", options: ["toxic", "lethal"] }, /semicolons/],
    ["twelve", { kind: "number", unit: "", least: 0, most: 1 }, /not a number/],
    ["Infinity", { kind: "number", unit: "", least: 0, most: 1 }, /not a number/],
    ["DN 55", { kind: "size" }, /not a nominal size/],
    ["x".repeat(21), { kind: "text", most: 20 }, /Longer than 20/],
    ["12 furlongs", pressure, /not a figure in a unit of pressure/],
  ] as const)("%s is refused with the reason", (cell, holds, reason) => {
    expect(read(cell, holds as Holds, "bar g")).toEqual({ reason: expect.stringMatching(reason) });
  });
  it.each(lineListFields.map((f) => [f.label, f] as const))("blank is not stated: %s", (_, field) => {
    expect(read("", field.holds, "bar g")).toEqual({ value: null });
  });
  it("takes a decimal comma where the file has one, and thousands either way", () => {
    expect(read("1.234,5", { kind: "number", unit: "", least: 0, most: 1 }, null, ",")).toEqual({
      value: 1234.5,
    });
    expect(read("12,5 bar", pressure, "bar g", ",")).toEqual({ value: 12.5 });
  });
  it("lets a unit in the cell win over the column's", () => {
    const { value } = read("100 psi", pressure, "bar g") as { value: number };
    expect(value).toBeCloseTo(6.894757, 6);
  });
  it("never throws, whatever stands in it", () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom(...lineListFields), (cell, field) => {
        const reading = readCell(cell.trim(), field.holds, unitFor(field, field.label), ".");
        expect("value" in reading || reading.reason.length > 0).toBe(true);
      }),
      { numRuns: 500 },
    );
  });
});

describe("headings", () => {
  const headed = lineListFields.flatMap((f) => [f.label, ...f.headings].map((heading) => [heading, f.id]));
  it.each(headed)("%s means %s", (heading, id) => {
    expect(guessMapping([heading!])[0]!.field).toBe(id);
    expect(guessMapping([heading!.toUpperCase()])[0]!.field).toBe(id);
  });
  it("mean one field each", () => {
    const seen = lineListFields.flatMap((f) => [...new Set([f.label.toLowerCase(), ...f.headings])]);
    expect(seen.filter((h, i) => seen.indexOf(h) !== i)).toEqual([]);
  });
  it("name the unit of what stands below them", () => {
    expect(guessMapping(["Design Press (psig)"])[0]!.unit).toBe("psi g");
    expect(guessMapping(["Size (in)"])[0]!.unit).toBe("NPS");
    expect(guessMapping(["Temperature"])[0]!.unit).toBe("°C");
    expect(guessMapping(["Service"])[0]!.unit).toBeNull();
  });
  it("may be corrected to the units of the field, and to none where there are none", () => {
    expect(unitChoices("dn")).toEqual(["DN", "NPS"]);
    expect(unitChoices("upstreamBarG")).toContain("MPa g");
    expect(unitChoices("service")).toEqual([]);
    expect(unitChoices(null)).toEqual([]);
    expect(lineListField("no such field")).toBeUndefined();
  });
});
