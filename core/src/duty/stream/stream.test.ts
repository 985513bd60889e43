import { describe, expect, it } from "vitest";
import { dutyWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { expandedC } from "../fluid/expansion.ts";
import { settle } from "../settling/settle.ts";
import type { Duty } from "../statement/duty.ts";
import { streamOf } from "./stream.ts";
import type { GasStream, LiquidStream } from "./stream-figures.ts";

const house = defaultHouseRules();
type Case = Partial<Duty["cases"][number]>;
const streamWith = (c: Case, fluid: Partial<Duty["fluid"]> = {}, throttles = true) => {
  const duty = dutyWith({
    fluid: { densityKgM3: null, viscosityMPaS: null, vapourPressureBarA: null, ...fluid },
    cases: [{ upstreamBarG: 10, downstreamBarG: 5, temperatureC: 20, rate: 10, ...c }],
  });
  const settled = settle(duty, house);
  return streamOf(settled.cases[0]!, duty.cases[0]!, settled, house, throttles);
};
const missing = (...args: Parameters<typeof streamWith>) => {
  const found = streamWith(...args);
  return "missing" in found ? found.missing : null;
};
const water = { substance: null, family: "water", phase: "liquid" } as const;
const steam = { substance: null, family: "steam", phase: "steam" } as const;
const propane = { substance: "propane", family: "sweet hydrocarbon liquid", phase: "liquid" } as const;
const nitrogen = { substance: "nitrogen", family: "air and inert gas", phase: "gas" } as const;

describe("a liquid that flows", () => {
  it("is water by its tables where no properties are stated", () => {
    const stream = streamWith({}, water).stream as LiquidStream;
    expect(stream.densityKgM3).toBeCloseTo(998.66, 1);
    expect(stream.vapourBarA).toBeCloseTo(0.0234, 4);
    expect(stream.soundMS).toBeGreaterThan(1480);
    expect(stream.figures.map((f) => f.origin)).toEqual(["reference", "reference", "estimate"]);
  });
  it("uses entered values first, and boils no later than possible when hotter", () => {
    const stream = streamWith({}, { ...propane, densityKgM3: 480, vapourPressureBarA: 2 })
      .stream as LiquidStream;
    expect(stream.densityKgM3).toBe(480);
    expect(stream.vapourBarA).toBeGreaterThan(8);
  });
  it("counts kilograms by its density, and has no normal volume", () => {
    const stream = streamWith({ rate: 4800, rateBasis: "kg/h" }, { ...propane, densityKgM3: 480 })
      .stream as LiquidStream;
    expect(stream.flowM3h).toBeCloseTo(10, 9);
    expect(missing({ rateBasis: "Nm³/h" }, propane)).toMatch(/m³\/h or kg\/h/);
  });
  it("waits for missing values, by name", () => {
    const unknown = { substance: null, family: "amine solution", phase: "liquid" } as const;
    expect(missing({}, unknown)).toMatch(/density/);
    expect(missing({}, { ...unknown, densityKgM3: 1000 })).toMatch(/viscosity/);
    expect(
      (streamWith({}, { ...unknown, densityKgM3: 1000, viscosityMPaS: 1 }).stream as LiquidStream)
        .vapourKnown,
    ).toBe(false);
    expect(missing({ phase: "two-phase" }, water)).toMatch(/vapour fraction/);
    expect(missing({ upstreamBarG: null }, water)).toMatch(/upstream/);
    expect(missing({ downstreamBarG: null }, water)).toMatch(/downstream/);
    expect(missing({ temperatureC: null }, water)).toMatch(/temperature/);
  });
  it("is not computed with impossible properties: a density relative to water, a misplaced decimal", () => {
    const known = { substance: null, family: "amine solution", phase: "liquid", viscosityMPaS: 1 } as const;
    expect(missing({}, { ...known, densityKgM3: 0.98 })).toMatch(/relative to water/);
    expect(missing({}, { ...known, densityKgM3: 20 })).toBeNull();
    expect(missing({}, { ...known, densityKgM3: 1000, viscosityMPaS: 0.0009 })).toMatch(/viscosity/);
    expect(missing({}, { ...known, densityKgM3: 1000, viscosityMPaS: 0.001 })).toBeNull();
  });
  it("of an open valve needs no downstream pressure", () => {
    expect(streamWith({ downstreamBarG: null }, water, false).stream).not.toBeNull();
  });
  it("in a dense phase stays dense, or is not known", () => {
    const dense = {
      substance: "carbon-dioxide",
      family: "carbon dioxide dense phase",
      phase: "dense phase",
    } as const;
    expect(
      streamWith(
        { upstreamBarG: 120, downstreamBarG: 90, temperatureC: 30 },
        { ...dense, densityKgM3: 800, viscosityMPaS: 0.07 },
      ).stream,
    ).not.toBeNull();
    expect(
      missing(
        { upstreamBarG: 120, downstreamBarG: 60, temperatureC: 30 },
        { ...dense, densityKgM3: 800, viscosityMPaS: 0.07 },
      ),
    ).toMatch(/dense phase/);
  });
});

describe("a gas that flows", () => {
  it("gives the same for a kilogram, a normal and an actual cubic metre", () => {
    const mass = (c: Case) => (streamWith(c, nitrogen).stream as GasStream).massKgH;
    const byMass = streamWith({ rate: 1000, rateBasis: "kg/h" }, nitrogen).stream as GasStream;
    expect(mass({ rate: byMass.flowNm3h, rateBasis: "Nm³/h" })).toBeCloseTo(1000, 6);
    expect(mass({ rate: 1000 / byMass.densityKgM3, rateBasis: "m³/h" })).toBeCloseTo(1000, 6);
  });
  it("is steam by its tables, and reports water", () => {
    const stream = streamWith({ temperatureC: 200, rate: 1000, rateBasis: "kg/h" }, steam)
      .stream as GasStream;
    expect(stream.densityKgM3).toBeCloseTo(5.35, 1);
    expect(stream.molarMassKgKmol).toBeCloseTo(18.015, 3);
    expect(missing({ temperatureC: 150 }, steam)).toMatch(/is water/);
  });
});

describe("no flow", () => {
  it("is stated as zero, or not stated", () => {
    expect(streamWith({ rate: null }, water)).toMatchObject({
      stream: null,
      still: "The flow is not stated.",
    });
    expect(streamWith({ rate: 0 }, water)).toMatchObject({ stream: null, still: "The case has no flow." });
  });
});

describe("throttling a gas", () => {
  const methane = {
    critical: { temperatureK: 190.56, pressureBarA: 45.99, acentricFactor: 0.011, rackettZ: 0.29 },
    isentropicExponent: 1.31,
    kind: "pure",
  } as const;
  it("cools methane by about four tenths of a kelvin a bar", () => {
    const cooled = 20 - expandedC(methane, 20, 60, 10)!;
    expect(cooled / 50).toBeGreaterThan(0.35);
    expect(cooled / 50).toBeLessThan(0.55);
  });
  it("does not cool an ideal gas, and never cools below the boiling point", () => {
    expect(expandedC(methane, 20, 1.1, 1)!).toBeCloseTo(20, 0);
    expect(expandedC(methane, -100, 45, 1)!).toBeGreaterThan(-163);
  });
});
