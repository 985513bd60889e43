import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CalculationError } from "../calculation.ts";
import { steamProperties } from "../steam-properties.ts";
import { waterSaturationBarA, waterSaturationC } from "./saturation.ts";
import { borderBarA, steamAt } from "./steam.ts";
import { waterViscosity } from "./viscosity.ts";
import { waterAt } from "./water.ts";

const celsius = (kelvin: number) => kelvin - 273.15;
/** Agrees with a printed figure of nine digits. */
const printed = (actual: number, expected: number) =>
  expect(Math.abs(actual / expected - 1)).toBeLessThan(5e-9);

describe("the release's own tables", () => {
  it.each([
    [300, 3, 1.00215168e-3, 115.331273, 1507.73921],
    [300, 80, 9.71180894e-4, 184.142828, 1634.69054],
    [500, 3, 1.202418e-3, 975.542239, 1240.71337],
  ])("region 1 at %d K and %d MPa", (kelvin, mpa, volume, enthalpy, sound) => {
    const state = waterAt(mpa * 10, celsius(kelvin));
    printed(1 / state.densityKgM3, volume);
    printed(state.enthalpyKJKg, enthalpy);
    printed(state.soundSpeedMS, sound);
  });
  it.each([
    [300, 0.0035, 39.4913866, 2549.91145, 427.920172],
    [700, 0.0035, 92.3015898, 3335.68375, 644.289068],
    [700, 30, 5.42946619e-3, 2631.49474, 480.386523],
  ])("region 2 at %d K and %d MPa", (kelvin, mpa, volume, enthalpy, sound) => {
    const state = steamAt(mpa * 10, celsius(kelvin));
    printed(1 / state.densityKgM3, volume);
    printed(state.enthalpyKJKg, enthalpy);
    printed(state.soundSpeedMS, sound);
  });
  it.each([
    [300, 3.53658941e-3],
    [500, 2.63889776],
    [600, 12.3443146],
  ])("saturation pressure at %d K", (kelvin, mpa) =>
    printed(waterSaturationBarA(celsius(kelvin))! / 10, mpa),
  );
  it.each([
    [0.1, 372.755919],
    [1, 453.035632],
    [10, 584.149488],
  ])("saturation temperature at %d MPa", (mpa, kelvin) =>
    printed(waterSaturationC(mpa * 10)! + 273.15, kelvin),
  );
  it("border of region 2", () => printed(borderBarA(350) / 10, 16.5291643));
  it.each([
    [298.15, 998, 889.7351],
    [298.15, 1200, 1437.649467],
    [373.15, 1000, 307.883622],
    [433.15, 1, 14.538324],
    [873.15, 100, 35.802262],
    [1173.15, 400, 64.154608],
  ])("viscosity at %d K and %d kg/m³", (kelvin, density, microPaS) =>
    expect(waterViscosity(celsius(kelvin), density) * 1e6).toBeCloseTo(microPaS, 5),
  );
});

describe("water and steam", () => {
  const refused = (pressureBarA: number, temperatureC?: number) => {
    try {
      steamProperties({ pressureBarA, temperatureC });
    } catch (error) {
      return error instanceof CalculationError && error.code;
    }
    return null;
  };
  it("is water above saturation, steam at it and below", () => {
    const boiling = waterSaturationBarA(200)!;
    const phase = (pressureBarA: number) => steamProperties({ pressureBarA, temperatureC: 200 }).phase;
    expect(phase(boiling * 1.000001)).toBe("water");
    expect(phase(boiling)).toBe("steam");
    expect(phase(boiling * 0.99)).toBe("steam");
  });
  it("reports states it does not know", () => {
    expect(refused(165.29)).toBeNull();
    expect(refused(165.3)).toBe("near-critical");
    expect(refused(borderBarA(400), 400)).toBeNull();
    expect(refused(borderBarA(400) + 0.01, 400)).toBe("near-critical");
    expect(refused(1000, 590.1)).toBeNull();
    expect(refused(1000.1, 600)).toBe("outside-range");
    expect(refused(0.006, 20)).toBe("outside-range");
    expect(refused(1, -0.1)).toBe("outside-range");
    expect(refused(1, 800.1)).toBe("outside-range");
    expect(refused(Number.NaN, 20)).toBe("outside-range");
  });
  it("has no boiling point above the critical pressure", () => {
    expect(steamProperties({ pressureBarA: 220.65, temperatureC: 20 }).saturationTemperatureC).toBeNull();
    expect(steamProperties({ pressureBarA: 220.64, temperatureC: 20 }).saturationTemperatureC).not.toBeNull();
  });
  it("meets the ideal gas at low pressure", () => {
    for (const temperatureC of [60, 150, 400, 780]) {
      const { densityKgM3, isentropicExponent } = steamProperties({ pressureBarA: 0.02, temperatureC });
      const ideal = (0.02e5 * 18.015257) / (8314.46 * (temperatureC + 273.15));
      expect(Math.abs(densityKgM3 / ideal - 1)).toBeLessThan(1e-3);
      expect(isentropicExponent).toBeGreaterThan(1.2);
      expect(isentropicExponent).toBeLessThan(1.34);
    }
  });
  it("boils at its saturation, both ways", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 373, noNaN: true }), (temperatureC) => {
        expect(waterSaturationC(waterSaturationBarA(temperatureC)!)!).toBeCloseTo(temperatureC, 5);
      }),
    );
  });
});
