import { describe, expect, it } from "vitest";
import { dutyWith } from "../../../test/fixture.ts";
import { fluidNamed, fluids } from "../../basis/reference/fluids.ts";
import { serviceFamilies } from "../../basis/reference/suitability.ts";
import { fluidEstimates } from "../stream/estimates-of-duty.ts";
import { estimateState } from "./estimate.ts";
import { liquidDensityKgM3 } from "./liquid.ts";

const named = (id: string) => fluidNamed(id)!;

describe("service fluids", () => {
  it("are at least thirty, each of a family the suitability tables know", () => {
    expect(fluids.length).toBeGreaterThanOrEqual(30);
    for (const fluid of fluids) expect(serviceFamilies, fluid.id).toContain(fluid.family);
  });
  it("carry either critical figures or a liquid density", () => {
    for (const fluid of fluids) expect(fluid.critical ?? fluid.density15KgM3, fluid.id).not.toBeNull();
  });
});

describe("estimates against published figures", () => {
  it.each([
    ["water", 20, 1.01325, 998, 0.03],
    ["ammonia", -33, 2, 682, 0.03],
    ["propane", 20, 10, 500, 0.02],
    ["n-hexane", 20, 1.1, 659, 0.02],
    ["methanol", 20, 1.1, 791, 0.03],
    ["benzene", 20, 1.1, 879, 0.02],
  ])("liquid density of %s", (id, t, p, published, within) => {
    const state = estimateState(named(id), t, p);
    expect(state.phase).toBe("liquid");
    expect(Math.abs(state.densityKgM3!.value / published - 1)).toBeLessThan(within);
  });
  it.each([
    ["water", 100, 1.01325],
    ["propane", 20, 8.36],
    ["ammonia", -33.3, 1.01],
    ["carbon-dioxide", 20, 57.3],
    ["benzene", 80.1, 1.01325],
  ])("vapour pressure of %s", (id, t, published) => {
    const { value } = estimateState(named(id), t, published).vapourPressureBarA!;
    expect(Math.abs(value / published - 1)).toBeLessThan(id === "water" ? 0.1 : 0.05);
  });
  it.each([
    ["methane", 20, 0.0109],
    ["nitrogen", 20, 0.0176],
    ["carbon-dioxide", 20, 0.0147],
    ["air", 20, 0.0182],
  ])("gas viscosity of %s", (id, t, published) => {
    expect(Math.abs(estimateState(named(id), t, 1.01325).viscosityMPaS!.value / published - 1)).toBeLessThan(
      0.08,
    );
  });
  it("gives a gas the ideal density at low pressure", () => {
    const { densityKgM3, compressibility } = estimateState(named("nitrogen"), 0, 1.01325);
    expect(densityKgM3!.value).toBeCloseTo(1.25, 2);
    expect(compressibility!.value).toBeCloseTo(1, 2);
  });
});

describe("phase", () => {
  it("turns at the vapour pressure", () => {
    const saturated = estimateState(named("propane"), 20, 5).vapourPressureBarA!.value;
    expect(estimateState(named("propane"), 20, saturated * 1.001).phase).toBe("liquid");
    expect(estimateState(named("propane"), 20, saturated * 0.999).phase).toBe("gas");
  });
  it("is dense above both critical figures and solid below the triple point", () => {
    expect(estimateState(named("carbon-dioxide"), 40, 120).phase).toBe("dense phase");
    expect(estimateState(named("carbon-dioxide"), -70, 1.01)).toMatchObject({
      phase: "solid",
      densityKgM3: null,
    });
  });
  it("estimates a mixture's density by expansion and gives no vapour pressure", () => {
    const state = estimateState(named("seawater"), 35, 5);
    expect(state.vapourPressureBarA).toBeNull();
    expect(state.densityKgM3!.value).toBeLessThan(1026);
    expect(liquidDensityKgM3(named("natural-gas"), 20)).toBeNull();
  });
});

describe("estimates for a duty", () => {
  const statedWith = (...cases: NonNullable<Parameters<typeof dutyWith>[0]>["cases"] & object) =>
    dutyWith({ cases }).cases;
  it("are made at the first normal case with pressure and temperature", () => {
    const cases = statedWith(
      { name: "top", kind: "maximum", upstreamBarG: 30, temperatureC: 60 },
      { name: "blank", kind: "normal", upstreamBarG: null, temperatureC: 20 },
      { name: "run", kind: "normal", upstreamBarG: 9, temperatureC: 20 },
    );
    const { at: name, values, phase } = fluidEstimates({ substance: "propane", composition: null }, cases);
    expect(name).toBe("run");
    expect(phase).toBe("liquid");
    expect(values["fluid.densityKgM3"]).toEqual(estimateState(named("propane"), 20, 10.01325).densityKgM3);
    expect(values["fluid.isentropicExponent"]?.value).toBe(named("propane").isentropicExponent);
  });
  it("are made at the first case of any kind where no normal one is complete", () => {
    expect(
      fluidEstimates(
        { substance: "propane", composition: null },
        statedWith({ name: "top", kind: "maximum", upstreamBarG: 3, temperatureC: 60 }),
      ).at,
    ).toBe("top");
  });
  it("are none without a substance, and none without a state", () => {
    const nothing = { values: {}, at: null, phase: null };
    expect(
      fluidEstimates(
        { substance: null, composition: null },
        statedWith({ upstreamBarG: 3, temperatureC: 60 }),
      ),
    ).toEqual(nothing);
    expect(
      fluidEstimates(
        { substance: "propane", composition: null },
        statedWith({ upstreamBarG: 3, temperatureC: null }),
      ),
    ).toEqual(nothing);
    expect(
      fluidEstimates(
        { substance: "no such fluid", composition: null },
        statedWith({ upstreamBarG: 3, temperatureC: 60 }),
      ),
    ).toEqual(nothing);
  });
  it("work at full vacuum", () => {
    const { values } = fluidEstimates(
      { substance: "nitrogen", composition: null },
      statedWith({ upstreamBarG: -1.01325, downstreamBarG: -1.01325, temperatureC: 20 }),
    );
    expect(values["fluid.densityKgM3"]!.value).toBeGreaterThan(0);
  });
});
