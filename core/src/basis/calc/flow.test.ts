import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CalculationError } from "./calculation.ts";
import { calculate, calculationNamed } from "./contract.ts";
import { type GasFlowInput, gasFlow, gasThrough } from "./gas-flow.ts";
import { type LiquidFlowInput, liquidFlow, liquidThrough } from "./liquid-flow.ts";
import { type Characteristic, kvAt, opening } from "./opening.ts";
import { reynoldsFactor } from "./valve-reynolds.ts";

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const codeOf = (compute: () => unknown) => {
  try {
    compute();
  } catch (error) {
    return error instanceof CalculationError && error.code;
  }
  return null;
};

/** Hot water of the standard's annex. */
const water = {
  flowM3h: 360,
  densityKgM3: 965.4,
  vapourPressureBarA: 0.701,
  criticalPressureBarA: 221.2,
  viscosityPaS: 3.1472e-4,
  upstreamBarA: 6.8,
  downstreamBarA: 2.2,
};
const alike = (mm: number) => ({ valveDiameterMm: mm, upstreamPipeMm: mm, downstreamPipeMm: mm });

const liquid: fc.Arbitrary<LiquidFlowInput> = fc
  .record({
    flowM3h: between(0.1, 300),
    densityKgM3: between(500, 1500),
    upstreamBarA: between(2, 100),
    share: between(0.01, 0.99),
    boiling: between(0, 0.9),
    criticalPressureBarA: between(120, 250),
    fl: between(0.5, 0.95),
    fd: between(0.05, 1),
    viscosityPaS: between(1e-4, 2),
  })
  .map(({ share, boiling, ...rest }) => ({
    ...rest,
    downstreamBarA: rest.upstreamBarA * (1 - share),
    vapourPressureBarA: rest.upstreamBarA * boiling,
    valveDiameterMm: 200,
    upstreamPipeMm: 300,
    downstreamPipeMm: 400,
  }));
const gas: fc.Arbitrary<GasFlowInput> = fc
  .record({
    flowNm3h: between(1, 5000),
    molarMassKgKmol: between(2, 80),
    temperatureC: between(-50, 300),
    compressibility: between(0.6, 1.1),
    isentropicExponent: between(1.05, 1.67),
    upstreamBarA: between(2, 100),
    share: between(0.01, 0.99),
    fl: between(0.5, 0.95),
    xt: between(0.2, 0.8),
    fd: between(0.05, 1),
    viscosityPaS: between(5e-6, 1e-3),
  })
  .map(({ share, ...rest }) => ({
    ...rest,
    downstreamBarA: rest.upstreamBarA * (1 - share),
    valveDiameterMm: 200,
    upstreamPipeMm: 300,
    downstreamPipeMm: 400,
  }));

describe("a liquid", () => {
  it("needs the coefficients printed in the standard's annex, choked and not choked", () => {
    const globe = liquidFlow({ ...water, fl: 0.9, fd: 0.46, ...alike(150) });
    expect(globe.kv).toBeCloseTo(165, 1);
    expect(globe.choked).toBe(false);
    const segment = liquidFlow({ ...water, fl: 0.6, fd: 0.98, ...alike(100) });
    expect(segment.kv).toBeCloseTo(238, 0);
    expect(segment.choked).toBe(true);
  });
  it("passes through the coefficient it needs, for any input", () => {
    fc.assert(
      fc.property(liquid, (input) => {
        let kv: number;
        try {
          kv = liquidFlow(input).kv;
        } catch (error) {
          expect((error as CalculationError).code).toBe("above-valve-size");
          return;
        }
        // Flow jumps where it stops being turbulent: at the jump it is no less, just before no more.
        const share = (by: number) => liquidThrough(kv * by, input).flowM3h / input.flowM3h;
        expect(share(1)).toBeGreaterThan(1 - 1e-9);
        expect(share(1 - 1e-9)).toBeLessThan(1 + 1e-9);
      }),
    );
  });
  it("needs a smaller coefficient at a higher drop, until it chokes", () => {
    const flowAt = (downstreamBarA: number) => liquidFlow({ ...water, downstreamBarA, fl: 0.9 });
    const falling = [6, 5, 4, 3, 2, 1.85].map((p) => flowAt(p));
    falling.reduce((last, next) => {
      expect(next.kv).toBeLessThan(last.kv);
      return next;
    });
    expect(flowAt(1.2).choked).toBe(true);
    expect(flowAt(0.5).kv).toBe(flowAt(1.2).kv);
  });
  it("needs a larger one between reducers, and larger again where flow is slow", () => {
    fc.assert(
      fc.property(liquid, (input) => {
        const bare = { ...input, valveDiameterMm: undefined };
        const turbulent = { ...input, viscosityPaS: undefined };
        const kv = (input: LiquidFlowInput) => {
          try {
            return liquidFlow(input).kv;
          } catch {
            return Number.POSITIVE_INFINITY;
          }
        };
        expect(kv(turbulent)).toBeGreaterThanOrEqual(kv(bare) * (1 - 1e-9));
        expect(kv(input)).toBeGreaterThanOrEqual(kv(turbulent) * (1 - 1e-9));
      }),
    );
  });
  it("is laminar at the square root of its Reynolds number", () => {
    expect(reynoldsFactor(1e4, 1, 0.9, 100)).toBe(1);
    expect(reynoldsFactor(4, 0.1, 0.9, 100) / reynoldsFactor(1, 0.1, 0.9, 100)).toBeCloseTo(2, 12);
    expect(reynoldsFactor(9999.9, 0.1, 0.9, 100)).toBeCloseTo(1, 5);
  });
  it("rejects impossible input", () => {
    expect(codeOf(() => liquidFlow({ ...water, downstreamBarA: 6.8, fl: 0.9 }))).toBe("no-pressure-drop");
    expect(codeOf(() => liquidFlow({ ...water, vapourPressureBarA: 7.5, fl: 0.9 }))).toBe("no-liquid");
    expect(
      codeOf(() =>
        liquidFlow({ ...water, fl: 0.9, valveDiameterMm: 50, upstreamPipeMm: 200, downstreamPipeMm: 200 }),
      ),
    ).toBe("above-valve-size");
  });
});

describe("a gas", () => {
  it("in non-turbulent flow passes less at higher viscosity and more at lower molar mass", () => {
    const slow = {
      molarMassKgKmol: 28,
      temperatureC: 20,
      compressibility: 1,
      isentropicExponent: 1.4,
      upstreamBarA: 1.4,
      downstreamBarA: 1.3,
      fl: 0.9,
      xt: 0.7,
      fd: 0.2,
      valveDiameterMm: 15,
      upstreamPipeMm: 15,
      downstreamPipeMm: 15,
    };
    const passed = (viscosityPaS: number | undefined, molarMassKgKmol = 28) =>
      gasThrough(0.001, { ...slow, viscosityPaS, molarMassKgKmol }).flowNm3h;
    const turbulent = passed(undefined);
    const thicker = [1e-9, 2e-5, 1e-4, 5e-4].map((viscosity) => passed(viscosity));
    expect(thicker[0]).toBeCloseTo(turbulent, 9);
    for (const [opening, flow] of thicker.entries()) {
      expect(flow).toBeGreaterThan(0);
      if (opening > 0) expect(flow).toBeLessThan(thicker[opening - 1]! * 0.9);
    }
    // Turbulent flow would double at a quarter of the molar mass; laminar flow does not.
    expect(passed(5e-4, 7)).toBeGreaterThanOrEqual(passed(5e-4, 28));
    expect(passed(5e-4, 7)).toBeLessThan(2 * passed(5e-4, 28));
  });
  it("passes through the coefficient it needs, for any input", () => {
    fc.assert(
      fc.property(gas, (input) => {
        let kv: number;
        try {
          kv = gasFlow(input).kv;
        } catch (error) {
          expect((error as CalculationError).code).toBe("above-valve-size");
          return;
        }
        // Flow jumps where it stops being turbulent: at the jump it is no less, just before no more.
        const share = (by: number) => gasThrough(kv * by, input).flowNm3h / input.flowNm3h;
        expect(share(1)).toBeGreaterThan(1 - 1e-9);
        expect(share(1 - 1e-9)).toBeLessThan(1 + 1e-9);
      }),
    );
  });
  it("agrees with a liquid of its density as the drop goes to zero", () => {
    const state = { upstreamBarA: 10, downstreamBarA: 9.9999, fl: 0.9 };
    const asGas = gasFlow({
      ...state,
      flowNm3h: 1000,
      molarMassKgKmol: 28.96,
      temperatureC: 0,
      compressibility: 1,
      isentropicExponent: 1.4,
      xt: 0.7,
    });
    const densityKgM3 = (28.96 / 22.413969) * (10 / 1.01325);
    const asLiquid = liquidFlow({
      ...state,
      flowM3h: (1000 * 1.01325) / 10,
      densityKgM3,
      vapourPressureBarA: 0,
      criticalPressureBarA: 200,
    });
    expect(asGas.kv / asLiquid.kv).toBeCloseTo(1, 2);
  });
  it("needs no smaller one beyond its choking drop, and passes two thirds of the unexpanded flow", () => {
    const input = {
      flowNm3h: 1000,
      molarMassKgKmol: 28.96,
      temperatureC: 20,
      compressibility: 1,
      isentropicExponent: 1.4,
      upstreamBarA: 10,
      fl: 0.8,
      xt: 0.5,
    };
    expect(gasFlow({ ...input, downstreamBarA: 5.001 }).choked).toBe(false);
    expect(gasFlow({ ...input, downstreamBarA: 5 }).choked).toBe(true);
    expect(gasFlow({ ...input, downstreamBarA: 1 }).kv).toBe(gasFlow({ ...input, downstreamBarA: 5 }).kv);
    expect(codeOf(() => gasFlow({ ...input, downstreamBarA: 10 }))).toBe("no-pressure-drop");
  });
});

describe("opening", () => {
  const points = [
    { openingPercent: 10, kv: 1 },
    { openingPercent: 50, kv: 10 },
    { openingPercent: 100, kv: 100 },
  ];
  const curves: Characteristic[] = [
    { type: "equal percentage", kvOpen: 100, rangeability: 50 },
    { type: "linear", kvOpen: 100, rangeability: 50 },
    { type: "points", points },
  ];
  it.each(curves)("is where the trim has the coefficient: $type", (characteristic) => {
    fc.assert(
      fc.property(between(2, 100), (kv) => {
        const { openingPercent } = opening({ kv, characteristic });
        expect(kvAt(characteristic, openingPercent) / kv).toBeCloseTo(1, 9);
      }),
    );
  });
  it.each(curves)("has no opening beyond either end: $type", (characteristic) => {
    expect(codeOf(() => opening({ kv: 100.01, characteristic }))).toBe("above-capacity");
    expect(codeOf(() => opening({ kv: 0.99, characteristic }))).toBe("below-range");
    expect(kvAt(characteristic, 100)).toBeCloseTo(100, 9);
  });
  it("stays at its ends beyond a curve's points", () => {
    expect(kvAt({ type: "points", points }, 0)).toBe(1);
    expect(kvAt({ type: "points", points: points.slice(0, 2) }, 90)).toBe(10);
  });
});

describe("leakage allowed", () => {
  const allowance = (input: object) => calculate(calculationNamed("leak-allowance")!, input);
  it("needs the inputs of its class", () => {
    expect(allowance({ standard: "ISO 5208", rate: "D", medium: "gas" })).toMatchObject({
      error: { field: "dn" },
    });
    expect(allowance({ standard: "IEC 60534-4" })).toMatchObject({ error: { field: "class" } });
    expect(allowance({ standard: "IEC 60534-4", class: "V", differentialBar: 5 })).toMatchObject({
      error: { field: "seatDiameterMm" },
    });
    expect(allowance({ standard: "IEC 60534-4", class: "VI", dn: 125, differentialBar: 5 })).toMatchObject({
      error: { code: "size-not-listed", field: "dn" },
    });
  });
  it("allows more for a looser rate and a larger valve, and more gas than water", () => {
    const ml = (rate: string, medium: string, dn: number) =>
      (allowance({ standard: "ISO 5208", rate, medium, dn }) as { mlPerMin: number }).mlPerMin;
    expect(ml("D", "liquid", 100)).toBeGreaterThan(ml("C", "liquid", 100));
    expect(ml("D", "liquid", 200)).toBeCloseTo(2 * ml("D", "liquid", 100), 9);
    expect(ml("D", "gas", 100)).toBeGreaterThan(ml("D", "liquid", 100));
  });
});
