import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lineListField, lineListFields } from "../fields.ts";
import { decimalOf, parseNumeral } from "./numeral.ts";
import { readCell } from "./read-cell.ts";
import type { Cell, Reading } from "./reading.ts";

const read = (id: string, cell: Cell, unit: string | null = null, decimal: "." | "," = ".") =>
  readCell(cell, lineListField(id)!, unit, decimal);
const value = (reading: Reading) =>
  "value" in reading ? reading.value : "ends" in reading ? reading.ends : reading.reason;
const each = (id: string, unit: string | null, rows: readonly (readonly [Cell, unknown])[]) =>
  it.each(rows)(`${id}: %s`, (cell, wanted) => {
    const got = value(read(id, cell, unit));
    if (wanted instanceof RegExp) expect(got).toMatch(wanted);
    else expect(got).toEqual(wanted);
  });

describe("sizes", () => {
  each("dn", "NPS", [
    ['4"', 100],
    ["2 1/2", 65],
    ['1-1/2"', 40],
    ['DN 50 / 2"', 50],
    ["2½", 65],
    ["¾", 20],
    ["0.75", 20],
    ["50 mm", 50],
    ["NB 80", 80],
    ["3 Zoll", 80],
    ["2-1/2", 65],
    ["12", 300],
    [2, 50],
    ['DN100 (4")', 100],
    ["50", /not a nominal size in NPS/],
    ['6"x4"', /two sizes/],
    ["DN 80 / DN 100", /two sizes/],
    ["TBC", null],
  ]);
  each("dn", "DN", [
    ["50", 50],
    [80, 80],
    ['2"', 50],
    ["1/2", 15],
    ["55", /DN 50 or NPS 2/],
  ]);
});

describe("ratings and ends", () => {
  each("lineDesignation", null, [
    ["150#", "class 150"],
    ["CL150", "class 150"],
    ["ASME 300", "class 300"],
    ["PN40", "PN 40"],
    ["#600", "class 600"],
    ["150 LB", "class 150"],
    ["900 RTJ", "class 900"],
    ["PN 16/RF", "PN 16"],
    ["Cl. 2500", "class 2500"],
    ["ANSI B16.5 300#", "class 300"],
    ["25", "PN 25"],
    ["A1B", /not a class or PN/],
    ["150/300", /not a class or PN/],
    ["7 lb", /not a class or PN/],
  ]);
  each("lineDesignation", "PN", [
    ["100", "PN 100"],
    ["300#", "class 300"],
  ]);
  each("endConnection", null, [
    ["RF", "flanged RF"],
    ["FF", "flanged RF"],
    ["RTJ", "flanged RTJ"],
    ["BW", "butt-weld"],
    ["SW", "socket-weld"],
    ["NPT", "threaded"],
    ["FLGD RF", "flanged RF"],
    ["Anschweißende", "butt-weld"],
    ["taraudé", "threaded"],
    ["RF x SW", /not one of/],
    ["weld", /not one of/],
  ]);
  it("take the facing beside them, and mark guesses", () => {
    expect(read("lineDesignation", "900 RTJ")).toEqual({
      value: "class 900",
      also: { endConnection: "flanged RTJ" },
    });
    expect(read("endConnection", "RF 150#")).toMatchObject({ also: { lineDesignation: "class 150" } });
    for (const [id, cell] of [
      ["endConnection", "FF"],
      ["endConnection", "Flanged"],
      ["onSupplyLoss", "FLC"],
      ["operator", "G"],
    ] as const)
      expect(read(id, cell)).toMatchObject({ guess: expect.stringContaining(`"${cell}" is read as`) });
    for (const [id, cell] of [
      ["endConnection", "RF"],
      ["onSupplyLoss", "FC"],
      ["operator", "MOV"],
      ["operator", "Lever"],
    ] as const)
      expect(read(id, cell)).not.toHaveProperty("guess");
  });
});

describe("words", () => {
  each("onSupplyLoss", null, [
    ["FC", "closes"],
    ["FO", "opens"],
    ["FL", "stays"],
    ["FLC", "stays"],
    ["AFC", "closes"],
    ["ATO", "closes"],
    ["ATC", "opens"],
    ["Fail Close", "closes"],
    ["schließt", "closes"],
    ["federöffnend", "opens"],
    ["ferma", "stays"],
    ["fermée", "closes"],
    ["Closed (FC)", "closes"],
    ["N/A", null],
    ["FC/FO", /not one of/],
    ["perhaps", /not one of/],
  ]);
  each("operator", null, [
    ["Pneum. S/R", "pneumatic"],
    ["MOV", "electric"],
    ["Handrad", "by hand"],
    ["Elektrisch", "electric"],
  ]);
  each("fluid.phase", null, [
    ["L", "liquid"],
    ["2-phase", "two-phase"],
    ["Flüssig", "liquid"],
    ["plasma", /not one of/],
  ]);
  each("fireSafe", null, [
    ["Y", true],
    ["Ja", true],
    ["0", false],
    ["Non", false],
    ["perhaps", /not yes or no/],
  ]);
  each("function", null, [
    ["ESD; DBB", ["emergency shut-down", "double block and bleed"]],
    ["On/Off", ["on-off isolation"]],
    ["paint", /semicolons/],
  ]);
  each("fluid.hazards", null, [
    ["none", []],
    ["toxic; Lethal", ["toxic", "lethal"]],
  ]);
  each("service", null, [
    ["'=1+1", "=1+1"],
    ["'tis", "'tis"],
    ["x".repeat(121), /Longer than 120/],
  ]);
});

describe("figures", () => {
  each("normal.upstreamBarG", "bar g", [
    ["12.5", 12.5],
    ["12,5", 12.5],
    ["1,450", 1450],
    ["1.450,5", 1450.5],
    ["1 450", 1450],
    [7, 7],
    ["FV", -1.01325],
    ["ATM", 0],
    ["3.5 bara", 2.48675],
    ["10 kg/cm²g", 9.80665],
    ["350 kPag", 3.5],
    ["120 mbar", 0.12],
    ["100 psig", 6.89475729317],
    ["approx 12", 12],
    ["FV/10", { low: -1.01325, normal: null, high: 10 }],
    ["3/5/7", { low: 3, normal: 5, high: 7 }],
    ["abc", /unit of pressure/],
    ["12 furlongs", /unit of pressure/],
  ]);
  each("normal.temperatureC", "°C", [
    ["-49/120", { low: -49, normal: null, high: 120 }],
    ["-20 to 80", { low: -20, normal: null, high: 80 }],
    ["-10...+50", { low: -10, normal: null, high: 50 }],
    ["20-35", { low: 20, normal: null, high: 35 }],
    ["−7", -7],
    ["32 °F", 0],
    ["AMB", null],
    ["TBC", null],
  ]);
  each("maximum.rate", "gpm", [
    ["100", 22.712470704],
    ["50 m3/h", 50],
    ["-", null],
    ["300 furlongs", /unit of flow/],
  ]);
  it("of tightness in another standard are kept, and give no rate", () => {
    for (const cell of ["API 598", "API 6D", "Class I"])
      expect(read("shutOff", cell)).toMatchObject({ value: null, keep: true });
    expect(read("shutOff", "C")).toEqual({ value: "C" });
  });
  it("of tightness by a control-valve class are its class", () => {
    for (const cell of ["Class IV", "IV", "FCI 70-2 Class IV", "ANSI class 4", "IEC 60534-4 IV", "cl. iv"])
      expect(read("shutOff", cell)).toEqual({ value: "class IV" });
    expect(read("shutOff", "Class VI")).toEqual({ value: "class VI" });
  });
  it("of a flow state their basis", () => {
    expect(read("rate", "300 kg/h", "gpm")).toEqual({ value: 300, also: { rateBasis: "kg/h" } });
  });
});

describe("numerals", () => {
  it.each([
    ["1.450,5", ".", 1450.5],
    ["1,450.5", ",", 1450.5],
    ["1.450", ",", 1450],
    ["1.450", ".", 1.45],
    ["1,450", ".", 1450],
    ["1,450", ",", 1.45],
    ["0,125", ".", 0.125],
    ["1.234.567", ".", 1234567],
    ["1'450", ".", 1450],
    ["1e-7", ".", 1e-7],
    ["-7", ".", -7],
    ["1.2.3", ".", null],
    ["1,45,0", ".", null],
    ["", ".", null],
    ["e5", ".", null],
  ] as const)("%s with %s is %s", (text, decimal, wanted) => {
    expect(parseNumeral(text, decimal)).toBe(wanted);
  });
  it("come back the same in any notation, with either sign", () => {
    fc.assert(
      fc.property(fc.double({ noNaN: true, noDefaultInfinity: true }), (n) => {
        expect(parseNumeral(String(n), ".")).toBe(n === 0 ? 0 : n);
        const fraction = /\.\d{3}$/.test(String(n)) ? n / 7 : n;
        expect(parseNumeral(String(fraction).replace(".", ","), ",")).toBe(fraction === 0 ? 0 : fraction);
      }),
    );
  });
  it("decide the decimal sign of a list where only one is possible", () => {
    expect(decimalOf(["12,5", "1.450"], ".")).toBe(",");
    expect(decimalOf(["12.5", "1,450"], ",")).toBe(".");
    expect(decimalOf(["1.450", "7"], ",")).toBe(",");
  });
});

it.each(lineListFields.map((f) => [f.id, f] as const))("blank is not stated: %s", (_, field) => {
  expect(readCell("", field, null, ".")).toEqual({ value: null });
});
it("never throws on any cell, and never returns a non-number", () => {
  const awkward = fc.oneof(
    fc.string(),
    fc.string({ unit: fc.constantFrom(..."0123456789.,-/+ \"'#½FVABbarg°C()") }),
  );
  fc.assert(
    fc.property(
      awkward,
      fc.constantFrom(...lineListFields),
      fc.constantFrom(".", ",") as fc.Arbitrary<"." | ",">,
      (cell, field, decimal) => {
        const reading = readCell(cell.trim(), field, null, decimal);
        if ("reason" in reading) expect(reading.reason.length).toBeGreaterThan(0);
        else if ("ends" in reading) expect(reading.ends.low).toBeLessThanOrEqual(reading.ends.high);
        else if (typeof reading.value === "number") expect(reading.value).toBeTypeOf("number");
        if ("value" in reading && typeof reading.value === "number")
          expect(Number.isFinite(reading.value)).toBe(true);
      },
    ),
    { numRuns: 2000 },
  );
});
