import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CalculationError } from "./calculation.ts";
import { gasJet } from "./gas-jet.ts";
import { type GasNoiseInput, gasNoise } from "./gas-noise.ts";
import { cavitationRatio, cavitationRatioAt, type LiquidNoiseInput, liquidNoise } from "./liquid-noise.ts";

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const gas: GasNoiseInput = {
  massFlowKgH: 20_000,
  upstreamBarA: 40,
  downstreamBarA: 30,
  temperatureC: 40,
  densityKgM3: 30,
  isentropicExponent: 1.3,
  molarMassKgKmol: 18,
  kv: 60,
  valveOutletMm: 100,
  pipeInnerMm: 100,
  pipeWallMm: 8,
  fd: 0.4,
  fl: 0.8,
};
const liquid: LiquidNoiseInput = {
  massFlowKgH: 100_000,
  upstreamBarA: 20,
  downstreamBarA: 12,
  vapourPressureBarA: 0.1,
  densityKgM3: 998,
  soundSpeedMS: 1480,
  kv: 35,
  valveOutletMm: 80,
  pipeInnerMm: 80,
  pipeWallMm: 6,
  fd: 0.4,
  fl: 0.8,
};

describe("noise of a gas", () => {
  it("rises with the flow, and falls behind a thicker wall", () => {
    fc.assert(
      fc.property(between(1000, 30_000), between(1.05, 2), between(1.2, 39), (massFlowKgH, more, p2) => {
        const input = { ...gas, massFlowKgH, downstreamBarA: p2 };
        const { levelDbA } = gasNoise(input);
        expect(gasNoise({ ...input, massFlowKgH: massFlowKgH * more }).levelDbA).toBeGreaterThan(levelDbA);
        expect(gasNoise({ ...input, pipeWallMm: 16 }).levelDbA).toBeLessThan(levelDbA);
      }),
    );
  });
  it("passes through its regimes as the pressure falls, without a jump", () => {
    const jet = (downstreamBarA: number) =>
      gasJet({
        massKgS: 5,
        upstreamBarA: 40,
        downstreamBarA,
        densityKgM3: 30,
        isentropicExponent: 1.3,
        cv: 70,
        fd: 0.4,
        fl: 0.8,
        efficiencyExponent: -3.8,
        strouhal: 0.2,
      });
    expect([35, 25, 20, 8, 1.5].map((p) => jet(p).regime)).toEqual(["I", "II", "III", "IV", "V"]);
    for (let bar = 39.5; bar > 1.2; bar -= 0.01) {
      const [before, after] = [jet(bar), jet(bar - 0.01)];
      if (before.regime === after.regime) continue;
      expect(after.soundPowerW / before.soundPowerW).toBeGreaterThan(0.9);
      expect(after.soundPowerW / before.soundPowerW).toBeLessThan(1.1);
    }
  });
  it("has none without a pressure drop", () => {
    expect(() => gasNoise({ ...gas, downstreamBarA: 40 })).toThrow(CalculationError);
  });
});

describe("noise of a liquid", () => {
  it("rises with the flow, and steeply once it cavitates", () => {
    fc.assert(
      fc.property(between(1000, 200_000), between(1.05, 2), (massFlowKgH, more) => {
        const input = { ...liquid, massFlowKgH };
        expect(liquidNoise({ ...input, massFlowKgH: massFlowKgH * more }).levelDbA).toBeGreaterThan(
          liquidNoise(input).levelDbA,
        );
      }),
    );
    const inception = cavitationRatioAt(cavitationRatio(liquid.kv, liquid.fl, liquid.fd), 20);
    const noiseAt = (ratio: number) =>
      liquidNoise({ ...liquid, downstreamBarA: 20 - ratio * (20 - 0.1) }).levelDbA;
    expect(noiseAt(inception + 0.1) - noiseAt(inception)).toBeGreaterThan(
      noiseAt(inception) - noiseAt(inception - 0.1) + 3,
    );
  });
  it("names the regime it does not predict", () => {
    const code = (downstreamBarA: number) => {
      try {
        return liquidNoise({ ...liquid, downstreamBarA });
      } catch (error) {
        return (error as CalculationError).code;
      }
    };
    expect(code(20)).toBe("no-pressure-drop");
    expect(code(0.1)).toBe("flashing");
    expect(code(0.11)).toHaveProperty("levelDbA");
  });
});
