/// <reference path="./unitmath.d.ts" />
/**
 * `npm run units:compile` writes core/src/basis/units/tables/written-units.ts: the factor and offset of each unit to the
 * home unit of its quantity. Pages then do not need the units library. A test fails if the file is out of date.
 */
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import UnitMath from "unitmath/dist/UnitMath.js";
import {
  atmosphereBar,
  cvPerKv,
  type Quantity,
  quantities,
  type WrittenUnit,
} from "../core/src/basis/units/definitions.ts";

/**
 * The library does not know gauge pressure, and its pound-force per square inch is rounded, so it gets definitions that
 * are exact by law: inch, pound and standard gravity.
 */
const measure = UnitMath.config({
  definitions: {
    skipBuiltIns: true,
    units: {
      metre: { quantity: "LENGTH", value: 1 },
      kilogram: { quantity: "MASS", value: 1 },
      second: { quantity: "TIME", value: 1 },
      kelvin: { quantity: "TEMPERATURE", value: 1 },
      millimetre: "0.001 metre",
      inch: "0.0254 metre",
      foot: "12 inch",
      gallon: "231 inch^3",
      litre: "0.001 metre^3",
      pound: "0.45359237 kilogram",
      tonne: "1000 kilogram",
      minute: "60 second",
      hour: "3600 second",
      newton: "1 kilogram metre / second^2",
      poundforce: { value: [0.45359237 * 9.80665, "newton"] },
      kilogramforce: { value: [9.80665, "newton"] },
      centimetre: "0.01 metre",
      pascal: "1 newton / metre^2",
      bar: "100000 pascal",
      rankine: { value: [5 / 9, "kelvin"] },
      // A normal cubic metre is at 0 °C, a standard cubic foot at 60 °F, both at one atmosphere.
      normalmetre3: "1 metre^3",
      // Flow coefficients: m³/h at 1 bar, and US gallons a minute at 1 psi.
      kvunit: "1 metre^3",
      cvunit: { value: [1 / cvPerKv, "metre^3"] },
      standardfoot3: { value: [0.3048 ** 3 * (273.15 / ((60 + 459.67) * (5 / 9))), "metre^3"] },
    },
  },
});

/** A unit as written, by its measure in the library's units; `plus` in the home unit. */
type Row = readonly [label: string, measure: string, alsoWritten: readonly string[], plus?: number];

/** The home unit comes first. */
const rows: Record<Quantity, readonly Row[]> = {
  pressure: [
    ["bar g", "bar", ["barg", "bar(g)", "bar", "barü", "bar(ü)"]],
    ["bar a", "bar", ["bara", "bar(a)", "barabs"], -atmosphereBar],
    ["psi g", "poundforce / inch^2", ["psig", "psi(g)", "psi", "#g", "lb/in2", "lbf/in2g"]],
    ["psi a", "poundforce / inch^2", ["psia", "psi(a)"], -atmosphereBar],
    ["kPa g", "1000 pascal", ["kpag", "kpa(g)", "kpa"]],
    ["kPa a", "1000 pascal", ["kpaa", "kpa(a)"], -atmosphereBar],
    ["MPa g", "1000000 pascal", ["mpag", "mpa(g)", "mpa"]],
    ["MPa a", "1000000 pascal", ["mpaa", "mpa(a)"], -atmosphereBar],
    ["mbar g", "100 pascal", ["mbarg", "mbar(g)", "mbar"]],
    ["mbar a", "100 pascal", ["mbara", "mbar(a)"], -atmosphereBar],
    [
      "kg/cm² g",
      "kilogramforce / centimetre^2",
      ["kg/cm2g", "kgf/cm2g", "kg/cm2", "kgf/cm2", "ksc", "kscg", "atü"],
    ],
    ["kg/cm² a", "kilogramforce / centimetre^2", ["kg/cm2a", "kgf/cm2a", "ata"], -atmosphereBar],
  ],
  differential: [
    ["bar", "bar", ["bard", "bar(d)", "barg"]],
    ["psi", "poundforce / inch^2", ["psid", "psi(d)", "psig"]],
    ["kPa", "1000 pascal", ["kpad", "kpag"]],
    ["MPa", "1000000 pascal", ["mpag"]],
    ["mbar", "100 pascal", ["mbarg"]],
    ["kg/cm²", "kilogramforce / centimetre^2", ["kg/cm2", "kgf/cm2", "kg/cm2g", "ksc"]],
  ],
  temperature: [
    ["°C", "kelvin", ["c", "degc", "deg c", "celsius", "℃", "grad c", "gradc"]],
    ["°F", "rankine", ["f", "degf", "deg f", "fahrenheit", "℉"], -160 / 9],
    ["K", "kelvin", ["kelvin"], -273.15],
  ],
  "temperature difference": [
    ["K", "kelvin", ["°c", "c"]],
    ["°F", "rankine", ["f"]],
  ],
  torque: [
    ["N·m", "newton metre", ["nm", "n.m", "n*m"]],
    ["lbf·ft", "poundforce foot", ["ft-lbf", "ft·lbf", "lbf.ft", "lb-ft", "ft-lb"]],
    ["lbf·in", "poundforce inch", ["in-lbf", "in·lbf", "lbf.in", "in-lb"]],
  ],
  length: [
    ["mm", "millimetre", []],
    ["in", "inch", ["inch", "inches", '"']],
  ],
  "volume flow": [
    ["m³/h", "metre^3 / hour", ["m3/h", "cum/h", "m3/hr", "cmh"]],
    ["gpm", "gallon / minute", ["usgpm", "us gpm"]],
    ["l/min", "litre / minute", ["lpm"]],
  ],
  "gas flow": [
    ["Nm³/h", "normalmetre3 / hour", ["nm3/h", "nm3/hr", "ncmh"]],
    ["scfh", "standardfoot3 / hour", []],
    ["scfm", "standardfoot3 / minute", []],
  ],
  "mass flow": [
    ["kg/h", "kilogram / hour", ["kg/hr"]],
    ["t/h", "tonne / hour", ["t/hr", "tph", "te/h"]],
    ["lb/h", "pound / hour", ["lbs/h", "lb/hr", "pph"]],
  ],
  density: [
    ["kg/m³", "kilogram / metre^3", ["kg/m3"]],
    ["lb/ft³", "pound / foot^3", ["lb/ft3", "pcf"]],
  ],
  viscosity: [
    ["mPa·s", "0.001 pascal second", ["mpas", "mpa.s", "cp", "cps"]],
    ["cP", "0.001 pascal second", []],
  ],
  "partial pressure": [
    ["kPa", "1000 pascal", []],
    ["psi", "poundforce / inch^2", []],
    ["mbar", "100 pascal", []],
  ],
  "vapour pressure": [
    ["bar a", "bar", ["bara", "bar", "barabs"]],
    ["psi a", "poundforce / inch^2", ["psia", "psi"]],
    ["kPa a", "1000 pascal", ["kpaa", "kpa"]],
    ["mbar a", "100 pascal", ["mbar"]],
  ],
  stress: [
    ["MPa", "1000000 pascal", ["n/mm2", "n/mm²"]],
    ["ksi", "1000 poundforce / inch^2", []],
  ],
  velocity: [
    ["m/s", "metre / second", []],
    ["ft/s", "foot / second", ["fps"]],
  ],
  mass: [
    ["kg", "kilogram", []],
    ["lb", "pound", ["lbs"]],
  ],
  volume: [
    ["litres", "litre", ["l"]],
    ["US gal", "gallon", ["gal"]],
  ],
  "vessel volume": [
    ["m³", "1 metre^3", ["m3", "cbm"]],
    ["ft³", "foot^3", ["ft3", "cf"]],
  ],
  "flow coefficient": [
    ["Kv", "kvunit", []],
    ["Cv", "cvunit", []],
  ],
};

const inSI = (text: string) => measure(/^\d/.test(text) ? text : `1 ${text}`).getNormalizedValue();

/** The units of a quantity, the home unit first. */
function unitsOf(quantity: Quantity): WrittenUnit[] {
  const home = rows[quantity][0]![1];
  return rows[quantity].map(([label, text, alsoWritten, plus = 0]) => ({
    label,
    times: text === home ? 1 : inSI(text) / inSI(home),
    plus,
    alsoWritten,
  }));
}

/** The module of written units. */
export function writtenUnitsModule(): string {
  const entries = quantities.map(
    (quantity) =>
      `  ${JSON.stringify(quantity)}: [\n${unitsOf(quantity)
        .map((unit) => `    ${JSON.stringify(unit)},\n`)
        .join("")}  ],\n`,
  );
  return `// Compiled by npm run units:compile from scripts/compile-units.ts. Do not edit.
import type { Quantity, WrittenUnit } from "../definitions.ts";

/** Every unit a quantity may be written in, the home unit first. */
export const writtenUnits: Readonly<Record<Quantity, readonly WrittenUnit[]>> = {
${entries.join("")}};
`;
}

export const writtenUnitsFile = fileURLToPath(
  new URL("../core/src/basis/units/tables/written-units.ts", import.meta.url),
);
if (process.argv[1] === fileURLToPath(import.meta.url)) writeFileSync(writtenUnitsFile, writtenUnitsModule());
