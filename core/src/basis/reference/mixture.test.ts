import { describe, expect, it } from "vitest";
import { fluidNamed, fluids } from "./fluids.ts";
import { type Component, mixtureOf, readComposition } from "./mixture.ts";

const read = (text: string) => (readComposition(text) as { components: readonly Component[] }).components;
const fault = (text: string) => (readComposition(text) as { fault: string }).fault;
const shares = (text: string) =>
  Object.fromEntries(read(text).map(({ fluid, share }) => [fluid.id, Number(share.toFixed(4))]));

describe("a composition", () => {
  it.each([
    ["methane 85; ethane 10; nitrogen 5"],
    ["CH4: 85 %, C2H6 = 10 %, N2 5 mol%"],
    ["85 methane\n10 ethane\n5 nitrogen"],
    ["Methane 85,0; Ethane 10,0; N₂ 5,0;"],
  ])("is read as %j", (text) => {
    expect(shares(text)).toEqual({ methane: 0.85, ethane: 0.1, nitrogen: 0.05 });
  });
  it("accepts names with digits, and is normalised to one", () => {
    expect(shares("1,3-Butadiene 60; n-butane 39.5")).toEqual({ butadiene: 0.603, "n-butane": 0.397 });
  });
  it.each([
    ["", /two or more components/],
    ["methane 100", /two or more components/],
    ["methane 50; unobtainium 50", /"unobtainium" is not a pure fluid/],
    ["methane 50; air 50", /"air" is not a pure fluid/],
    ["methane 50; CH4 50", /Methane is named twice/],
    ["methane 50; ethane 40", /add up to 90 %/],
    ["methane; ethane", /"methane" is not a substance with its mol %/],
    ["methane 100; ethane 0", /Ethane has no share/],
    ["methane -5; ethane 105", /not a substance with its mol %/],
  ])("that is %j gets a message on the fault", (text, says) => expect(fault(text)).toMatch(says));
});

describe("a mixture by Kay's rule", () => {
  it("lies between its components, and comes to one of them as the other vanishes", () => {
    const pure = fluids.filter((f) => f.kind === "pure" && f.critical && f.isentropicExponent !== null);
    for (const a of pure)
      for (const b of pure.slice(0, 12)) {
        if (a === b) continue;
        const half = mixtureOf([
          { fluid: a, share: 0.5 },
          { fluid: b, share: 0.5 },
        ]);
        const between = (property: (f: typeof a) => number) => {
          expect(property(half)).toBeGreaterThanOrEqual(Math.min(property(a), property(b)) * (1 - 1e-12));
          expect(property(half)).toBeLessThanOrEqual(Math.max(property(a), property(b)) * (1 + 1e-12));
        };
        between((f) => f.molarMassKgKmol!);
        between((f) => f.critical!.temperatureK);
        between((f) => f.critical!.pressureBarA);
        between((f) => f.isentropicExponent!);
        const nearly = mixtureOf([
          { fluid: a, share: 1 - 1e-9 },
          { fluid: b, share: 1e-9 },
        ]);
        expect(nearly.isentropicExponent).toBeCloseTo(a.isentropicExponent!, 6);
        expect(nearly.critical!.temperatureK).toBeCloseTo(a.critical!.temperatureK, 5);
      }
  });
  it("of natural gas agrees with the table within a few per cent", () => {
    const listed = fluidNamed("natural-gas")!;
    const made = mixtureOf(read("methane 88; ethane 7; propane 2; nitrogen 2; CO2 1"));
    expect(made.molarMassKgKmol! / listed.molarMassKgKmol!).toBeCloseTo(1, 1);
    expect(made.critical!.temperatureK / listed.critical!.temperatureK).toBeCloseTo(1, 1);
  });
  it("has every hazard of its components, and sets where the first of them does", () => {
    const sour = mixtureOf(read("methane 90; H2S 5; CO2 5"));
    for (const hazard of fluidNamed("hydrogen-sulphide")!.hazards) expect(sour.hazards).toContain(hazard);
    expect(sour.triplePointC).toBe(-56.6);
  });
});
