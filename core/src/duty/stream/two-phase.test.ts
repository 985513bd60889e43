import { describe, expect, it } from "vitest";
import { dutyWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { typicalTrim } from "../../equipment/trims/trim.ts";
import { figuresAt } from "../../mechanics/flow/figures.ts";
import { openingFor } from "../../mechanics/flow/opening-for.ts";
import { passingOf, streamAt } from "../../mechanics/flow/passing.ts";
import { settle } from "../settling/settle.ts";
import type { Duty } from "../statement/duty.ts";
import { streamOf } from "./stream.ts";
import type { TwoPhaseStream } from "./stream-figures.ts";

const house = defaultHouseRules();
const streamWith = (
  c: Partial<Duty["cases"][number]>,
  fluid: Partial<Duty["fluid"]> = { substance: null, family: "water" },
) => {
  const duty = dutyWith({
    fluid: { densityKgM3: null, viscosityMPaS: null, vapourPressureBarA: null, ...fluid },
    cases: [
      {
        upstreamBarG: 10,
        downstreamBarG: 6,
        temperatureC: 180,
        phase: "two-phase",
        rate: 8000,
        rateBasis: "kg/h",
        vapourPercent: 20,
        ...c,
      },
    ],
  });
  const settled = settle(duty, house);
  return streamOf(settled.cases[0]!, duty.cases[0]!, settled, house, true);
};
const stream = (...args: Parameters<typeof streamWith>) => streamWith(...args).stream as TwoPhaseStream;
const missing = (...args: Parameters<typeof streamWith>) => {
  const found = streamWith(...args);
  return "missing" in found ? found.missing : null;
};
/** Gas dissolved out of an oil: neither boils. */
const oil = {
  composition: "methane 90; ethane 10",
  substance: null,
  family: "sweet hydrocarbon liquid",
  densityKgM3: 800,
  viscosityMPaS: 2,
  vapourPressureBarA: 0.1,
  compressibility: 0.97,
} as const;
const pipes = { valveMm: 100, pipeMm: 100 };
const trim = typicalTrim(constructions.find((c) => c.flows === "segment")!, {
  dn: 100,
  designation: "class 300",
  boreMm: 100,
});

describe("two phases at once", () => {
  it("share the mass, and move as one", () => {
    const both = stream({}, oil);
    expect(both.gas.massKgH).toBeCloseTo(1600, 6);
    expect(both.liquid.massKgH).toBeCloseTo(6400, 6);
    expect(1 / both.densityKgM3).toBeCloseTo(0.2 / both.gas.densityKgM3 + 0.8 / both.liquid.densityKgM3, 9);
    expect(both.massKgH).toBe(8000);
  });
  it("are counted by volume where the flow is stated by volume", () => {
    const byMass = stream({}, oil);
    const byVolume = stream({ rate: 8000 / byMass.densityKgM3, rateBasis: "m³/h" }, oil);
    expect(byVolume.massKgH).toBeCloseTo(8000, 6);
  });
  it("wait for missing values, by name", () => {
    expect(missing({ vapourPercent: null })).toMatch(/vapour fraction/);
    expect(missing({ vapourPercent: 0 })).toMatch(/fluid has one phase/);
    expect(missing({ vapourPercent: 100 })).toMatch(/fluid has one phase/);
    expect(missing({ rateBasis: "Nm³/h" })).toMatch(/no normal volume/);
    expect(missing({}, { ...oil, densityKgM3: null })).toMatch(/density/);
    expect(missing({}, { ...oil, composition: null })).toMatch(/molar mass/);
  });
  it("of a flashing liquid wait, except water, which keeps its enthalpy", () => {
    expect(missing({}, { ...oil, vapourPressureBarA: 9 })).toMatch(/further flashing/);
    const wet = stream({});
    expect(wet.gas.densityKgM3).toBeCloseTo(5.65, 1);
    // 20 % steam at 11.01 bar a let down to 7.01: h = 782.6 + 0.2 × 2000 kJ/kg, so 24 % and a little.
    expect(wet.behindShare).toBeGreaterThan(0.23);
    expect(wet.behindShare).toBeLessThan(0.26);
    expect(stream({}, oil).behindShare).toBe(0.2);
  });
});

describe("a trim that passes two phases", () => {
  const opening = (vapourPercent: number) => {
    const standing = openingFor(trim, passingOf(stream({ vapourPercent, rate: 30_000 }, oil), pipes));
    expect(standing.beyond).toBeNull();
    return standing.openingPercent;
  };
  it("opens further with a higher share of vapour", () => {
    const openings = [0.01, 0.1, 1, 5, 20, 60].map(opening);
    expect([...openings].sort((a, b) => a - b)).toEqual(openings);
  });
  it("approaches the coefficient of one phase as the other vanishes, and needs no less than either", () => {
    const alone = (vapourPercent: number, kind: "liquid" | "gas") => {
      const both = stream({ vapourPercent, rate: 30_000 }, oil);
      return openingFor(trim, passingOf(both[kind], pipes)).openingPercent;
    };
    // Its drop is limited to the choking drop of a gas: nearly so, and never less.
    expect(opening(1e-9)).toBeGreaterThanOrEqual(alone(1e-9, "liquid"));
    expect(opening(1e-9)).toBeCloseTo(alone(1e-9, "liquid"), 0);
    expect(opening(100 - 1e-9)).toBeCloseTo(alone(100 - 1e-9, "gas"), 0);
    expect(opening(20)).toBeGreaterThan(Math.max(alone(20, "liquid"), alone(20, "gas")));
  });
  it("passes no more than it has capacity for at half the flow, and gives no noise", () => {
    const both = stream({}, oil);
    const half = streamAt(both, 0.5);
    expect(half.gas.massKgH + half.liquid.massKgH).toBeCloseTo(4000, 6);
    const figures = figuresAt(trim, 80, both, pipes, { wallMm: 6, lessDb: 0 });
    expect(figures).toMatchObject({ noiseDbA: null, mach: null, cavitation: null, boiling: "none" });
    const behind = 0.2 / (both.gas.densityKgM3 * (7.01325 / 11.01325)) + 0.8 / both.liquid.densityKgM3;
    expect(figures.outletMS).toBeCloseTo(((8000 / 3600) * behind) / (Math.PI / 400), 6);
  });
});
