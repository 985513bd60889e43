import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { writtenUnitsFile, writtenUnitsModule } from "../../../../scripts/compile-units.ts";
import { quantities } from "./definitions.ts";
import { figure, marginText } from "./figures.ts";
import { convertUnit, inSystem, parseQuantity, shownUnit, unitInHeading, unitsOf } from "./units.ts";

describe("units", () => {
  it("are compiled from their definitions", () => {
    expect(readFileSync(writtenUnitsFile, "utf8"), "run npm run units:compile").toBe(writtenUnitsModule());
  });
  it("round trips every pair of units to 1e-9", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...quantities),
        fc.double({ min: -200, max: 5000, noNaN: true }),
        (quantity, value) => {
          for (const from of unitsOf(quantity)) {
            for (const to of unitsOf(quantity)) {
              const back = convertUnit(convertUnit(value, quantity, from, to), quantity, to, from);
              expect(Math.abs(back - value)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(value), 500));
            }
          }
        },
      ),
    );
  });
  it("keeps gauge and absolute apart", () => {
    expect(convertUnit(14.6959487755, "pressure", "psi a", "bar g")).toBeCloseTo(0, 8);
    expect(convertUnit(0, "pressure", "bar g", "kPa a")).toBeCloseTo(101.325, 9);
    expect(() => convertUnit(1, "pressure", "bar g", "furlong")).toThrow(/not a unit/);
  });
  it("reads figures people type", () => {
    expect(parseQuantity("750 psi", "pressure", "bar g")).toBeCloseTo(51.7107, 3);
    expect(parseQuantity("400 F", "temperature", "°C")).toBeCloseTo(204.444, 3);
    expect(parseQuantity("-12,5", "temperature", "°C")).toBe(-12.5);
    expect(parseQuantity("−12.5 °C", "temperature", "°F")).toBe(-12.5);
    expect(parseQuantity("1 200", "torque", "N·m")).toBe(1200);
    expect(parseQuantity("5 barg", "pressure", "psi g")).toBe(5);
  });
  it.each(["", "abc", "12 parsec", "1.2.3", "--4", "1e999"])("does not read %j", (text) =>
    expect(parseQuantity(text, "pressure", "bar g")).toBeNull(),
  );
  it("takes every factor from definitions that are exact by law", () => {
    expect(convertUnit(1, "pressure", "psi g", "bar g")).toBeCloseTo(0.0689475729316836, 15);
    expect(convertUnit(1, "torque", "lbf·in", "N·m")).toBeCloseTo(0.1129848290276167, 15);
    expect(convertUnit(1, "volume flow", "gpm", "m³/h")).toBeCloseTo(0.22712470704, 13);
    expect(convertUnit(1, "gas flow", "Nm³/h", "scfh")).toBeCloseTo(37.3259, 3);
    expect(convertUnit(1, "mass flow", "lb/h", "kg/h")).toBe(0.45359237);
    expect(convertUnit(1, "density", "lb/ft³", "kg/m³")).toBeCloseTo(16.0184633739601, 12);
    expect(convertUnit(20, "temperature", "°C", "°F")).toBe(68);
    expect(convertUnit(1, "stress", "ksi", "MPa")).toBeCloseTo(6.89475729316836, 12);
  });
  it("reads a vapour pressure from vacuum, in any notation", () => {
    expect(parseQuantity("14.5 psi", "vapour pressure", "bar a")).toBeCloseTo(0.99974, 5);
    expect(parseQuantity("1 bar", "vapour pressure", "psi a")).toBe(1);
  });
  it("accepts a reader's own unit, and ignores an unknown one", () => {
    expect(shownUnit("pressure", { system: "metric", units: { pressure: "MPa g" } })).toBe("MPa g");
    expect(shownUnit("pressure", { system: "metric", absolute: true, units: { pressure: "MPa g" } })).toBe(
      "MPa a",
    );
    expect(shownUnit("torque", { system: "US", units: { torque: "lbf·in" } })).toBe("lbf·in");
    expect(shownUnit("torque", { system: "US", units: { torque: "furlong" } })).toBe("lbf·ft");
  });
  it("finds the unit in a heading", () => {
    expect(unitInHeading("Design press. (psig)", "pressure")).toBe("psi g");
    expect(unitInHeading("T max [°F]", "temperature")).toBe("°F");
    expect(unitInHeading("Pressure", "pressure")).toBeNull();
  });
  it("shows a finding in the reader's system", () => {
    expect(inSystem(100, "°C", { system: "US" })).toEqual({ value: expect.closeTo(212, 10), unit: "°F" });
    expect(inSystem(10, "K", { system: "US" }).value).toBeCloseTo(18, 9);
    expect(inSystem(50, "DN", { system: "US" })).toEqual({ value: 50, unit: "DN" });
  });
});

describe("figures", () => {
  it.each([
    [67.6, "67.6"],
    [72, "72"],
    [1480.4, "1\u2009480"],
    [-12.04, "−12"],
    [0.4567, "0.457"],
    [0, "0"],
    [-0.0001, "0"],
    [3.456, "3.46"],
  ])("%d reads %s", (value, text) => {
    expect(figure(value)).toBe(text);
  });
  it("rounds a margin towards the worse", () => {
    expect(marginText(0.0659, "%")).toBe("+6 %");
    expect(marginText(-0.001, "%")).toBe("−1 %");
    expect(marginText(12.9, "K")).toBe("+12 K");
    expect(marginText(0, "%")).toBe("+0 %");
    expect(marginText(9.99, "%")).toBe("+999 %");
    expect(marginText(127.86, "%")).toBe("");
  });
});
