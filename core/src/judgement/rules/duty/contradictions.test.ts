import { describe, expect, it } from "vitest";
import { dutyWith, findingOn } from "../../../../test/fixture.ts";
import { defaultHouseRules } from "../../../basis/house/house-rules.ts";
import { missingFrom } from "../../../duty/settling/completeness.ts";
import { settle } from "../../../duty/settling/settle.ts";

type Change = NonNullable<Parameters<typeof dutyWith>[0]>;
const found = (rule: string, change: Change) => findingOn(rule, { duty: dutyWith(change) });
const house = defaultHouseRules();

describe("family against substance", () => {
  const verdict = (family: string, substance: string) =>
    found("duty/family-of-substance", { fluid: { family, substance } }).verdict;

  it("is tight where they differ, and names both", () => {
    const finding = found("duty/family-of-substance", {
      fluid: { family: "aromatics", substance: "acetone" },
    });
    expect(finding).toMatchObject({ verdict: "tight", value: "aromatics", limit: "ketones and esters" });
  });
  it("holds where the family only says more about the substance", () => {
    expect(verdict("hot water above 90 C", "water")).toBe("holds");
    expect(verdict("sour hydrocarbon", "methane")).toBe("holds");
    expect(verdict("sweet hydrocarbon gas", "sour-gas")).toBe("tight");
    expect(verdict("water", "seawater")).toBe("tight");
  });
  it("judges materials in both families, and the worse result counts", () => {
    const seal = (fluid: Change["fluid"]) => {
      const { uses } = found("envelope/seal-chemistry", { fluid });
      return uses.filter(({ what }) => what === "service family").map(({ value }) => value);
    };
    expect(seal({ family: "aromatics", substance: "acetone" })).toEqual(["aromatics", "ketones and esters"]);
    expect(seal({ family: "ketones and esters", substance: "acetone" })).toEqual(["ketones and esters"]);
  });
  it("takes the family of the substance where none is stated, and does not ask for one", () => {
    const duty = dutyWith({ fluid: { family: null, substance: "hydrogen" } });
    expect([...settle(duty, house).families]).toEqual(["hydrogen"]);
    expect(missingFrom(duty, house).map((m) => m.field)).not.toContain("fluid.family");
    expect(findingOn("envelope/hydrogen-tightness", { duty }).verdict).not.toBe("not asked");
  });
});

describe("density against substance", () => {
  const verdict = (densityKgM3: number, change: Change = {}) =>
    found("duty/density-of-fluid", { ...change, fluid: { substance: "water", densityKgM3, ...change.fluid } })
      .verdict;

  it("holds within a fifth of the estimate of a pure fluid", () => {
    expect([795, 800, 1180, 1195].map((density) => verdict(density))).toEqual([
      "holds",
      "holds",
      "holds",
      "tight",
    ]);
    expect(verdict(790)).toBe("tight");
  });
  it("allows more for a mixture", () => {
    expect(verdict(600, { fluid: { substance: "crude-oil" } })).toBe("holds");
    expect(verdict(500, { fluid: { substance: "crude-oil" } })).toBe("tight");
  });
  it("compares a gas at the pressure of the case, from its composition too", () => {
    const gas: Change = {
      cases: [{ upstreamBarG: 50 }],
      fluid: { substance: null, composition: "methane 90; ethane 10", phase: "gas" },
    };
    expect(verdict(37, gas)).toBe("holds");
    expect(verdict(0.72, gas)).toBe("tight");
  });
  it("is not asked without pressure and temperature, or where the phases differ", () => {
    expect(verdict(1000, { cases: [{ temperatureC: null }] })).toBe("not asked");
    expect(verdict(1000, { cases: [{ upstreamBarG: null, downstreamBarG: null }] })).toBe("not asked");
    expect(verdict(1000, { cases: [{ temperatureC: 180, upstreamBarG: 1 }] })).toBe("not asked");
  });
});

describe("order of the cases", () => {
  const verdict = (maximum: NonNullable<Change["cases"]>[number]) =>
    found("duty/cases-in-order", { cases: [{}, { id: "m", kind: "maximum", name: "maximum", ...maximum }] });

  it("is tight only where both pressure and temperature lie below the normal case", () => {
    expect(verdict({ upstreamBarG: 9.9, temperatureC: 39.9 })).toMatchObject({
      verdict: "tight",
      value: 9.9,
      limit: 10,
      sense: "≥",
    });
    expect(verdict({ upstreamBarG: 9.9, temperatureC: 40 }).verdict).toBe("holds");
    expect(verdict({ upstreamBarG: 10, temperatureC: 39.9 }).verdict).toBe("holds");
    expect(verdict({ upstreamBarG: 9.9, temperatureC: null }).verdict).toBe("holds");
  });
});

describe("area against the fluid", () => {
  const finding = (area: string, fluid: Change["fluid"]) => found("duty/area-of-fluid", { area, fluid });
  const verdict = (area: string, substance: string) => finding(area, { substance }).verdict;

  it("waits where the group is less severe than the fluid's, and names both", () => {
    expect(finding("zone 2 IIA T1", { substance: "hydrogen" })).toMatchObject({
      verdict: "cannot tell",
      value: "IIA",
      limit: "IIC",
    });
    expect(verdict("zone 2 IIB T1", "hydrogen")).toBe("cannot tell");
    expect(verdict("zone 2 IIC T1", "hydrogen")).toBe("holds");
    expect(verdict("zone 2 IIB+H2 T1", "hydrogen")).toBe("holds");
    expect(verdict("zone 2 IIB+H2 T1", "acetylene")).toBe("cannot tell");
    expect(verdict("zone 2 IIB T1", "methane")).toBe("holds");
  });
  it("waits where the temperature class allows a surface that ignites the fluid", () => {
    expect(verdict("zone 1 IIB T3", "n-hexane")).toBe("holds");
    expect(finding("zone 1 IIB T2", { substance: "n-hexane" })).toMatchObject({
      verdict: "cannot tell",
      value: 300,
      limit: 225,
    });
  });
  it("reads the division system, in which no group covers another", () => {
    expect(verdict("Class I Division 1 Group B T3", "hydrogen")).toBe("holds");
    expect(verdict("Class I Division 1 Group D T3", "hydrogen")).toBe("cannot tell");
    expect(verdict("Class I Division 1 Group D T3", "propane")).toBe("holds");
    expect(verdict("Class I Division 1 Group A T3", "propane")).toBe("cannot tell");
  });
  it("waits where the area names dust only, or cannot be read", () => {
    expect(verdict("zone 21 IIIB T135°C", "methane")).toBe("cannot tell");
    expect(verdict("somewhere", "methane")).toBe("cannot tell");
  });
  it("takes a mixture by the components above a quarter of it", () => {
    const mixed = (composition: string) => finding("zone 2 IIA T1", { substance: null, composition }).verdict;
    expect(mixed("methane 74; hydrogen 26")).toBe("cannot tell");
    expect(mixed("methane 75; hydrogen 25")).toBe("holds");
    expect(mixed("nitrogen 90; hydrogen 10")).toBe("cannot tell");
  });
});
