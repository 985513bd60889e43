import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boltTightening, turnFromSnugDegrees } from "./bolt-tightening.ts";
import { butterflyTorque } from "./butterfly-torque.ts";
import { CalculationError } from "./calculation.ts";
import { manualEffort } from "./manual-effort.ts";
import { scotchYokeOutput, type YokeOutput, type YokeSpringOutput } from "./scotch-yoke-output.ts";
import { seeded } from "./seeded.ts";
import { type StallInput, stallProbability } from "./stall-probability.ts";

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const refused = (code: string, compute: () => unknown) => {
  try {
    compute();
  } catch (error) {
    expect(error).toBeInstanceOf(CalculationError);
    return expect((error as CalculationError).code).toBe(code);
  }
  throw new Error(`nothing was refused with ${code}`);
};

const yoke = fc.record({
  pistonDiameterMm: between(80, 600),
  armMm: between(40, 200),
  slotOffsetMm: between(-30, 30),
  efficiency: between(0.6, 1),
  airBarG: between(1, 8),
});
const spring = { springPreloadN: 4000, springRateNPerMm: 20 };

describe("a scotch yoke", () => {
  it("has the same output from air and spring together as from air alone", () => {
    fc.assert(
      fc.property(yoke, (input) => {
        const both = scotchYokeOutput(input) as YokeOutput;
        const { airStartNm, airEndNm, springStartNm, springEndNm } = scotchYokeOutput({
          ...input,
          ...spring,
        }) as YokeSpringOutput;
        expect(airStartNm + springEndNm).toBeCloseTo(both.startNm, 6);
        expect(airEndNm + springStartNm).toBeCloseTo(both.endNm, 6);
      }),
    );
  });
  it("is never weaker with more air, and never stronger between its ends than at the stronger end", () => {
    fc.assert(
      fc.property(yoke, between(0, 3), (input, more) => {
        const less = scotchYokeOutput({ ...input, ...spring }) as YokeSpringOutput;
        const stronger = scotchYokeOutput({
          ...input,
          ...spring,
          airBarG: input.airBarG + more,
        }) as YokeSpringOutput;
        for (const key of ["airStartNm", "airRunNm", "airEndNm"] as const)
          expect(stronger[key]).toBeGreaterThanOrEqual(less[key] - 1e-9);
        expect(stronger.springRunNm).toBeCloseTo(less.springRunNm, 9);
        expect(less.airRunNm).toBeLessThanOrEqual(Math.min(less.airStartNm, less.airEndNm) + 1e-9);
      }),
    );
  });
  it("has the same travel with any slot, symmetric equal at both ends, canted stronger at the start", () => {
    const yokeAt = (slotOffsetMm: number) =>
      scotchYokeOutput({
        pistonDiameterMm: 200,
        armMm: 60,
        slotOffsetMm,
        efficiency: 1,
        airBarG: 5,
      }) as YokeOutput;
    expect(yokeAt(0).startNm).toBeCloseTo(yokeAt(0).endNm, 9);
    expect(yokeAt(-10).startNm).toBeGreaterThan(yokeAt(-10).endNm);
    expect(yokeAt(-10).strokeMm).toBeCloseTo(yokeAt(0).strokeMm, 9);
    refused("slot-offset-too-large", () => yokeAt(-85));
    expect(yokeAt(-84).endNm).toBeGreaterThan(0);
  });
});

describe("manual effort", () => {
  it("equals the work of the valve through a gear without losses, at any ratio", () => {
    fc.assert(
      fc.property(
        between(1, 5000),
        between(5, 400),
        between(100, 900),
        (torqueNm, gearRatio, wheelDiameterMm) => {
          const { forceN, turns } = manualEffort({ torqueNm, gearRatio, gearEfficiency: 1, wheelDiameterMm });
          const byHand = ((forceN * Math.PI * wheelDiameterMm) / 1000) * turns;
          expect(byHand / ((torqueNm * Math.PI) / 2)).toBeCloseTo(1, 9);
        },
      ),
    );
  });
  it("needs a lever or a complete gear", () => {
    refused("no-lever-or-gear", () => manualEffort({ torqueNm: 1 }));
    refused("no-lever-or-gear", () => manualEffort({ torqueNm: 1, gearRatio: 30, gearEfficiency: 0.3 }));
    refused("lever-and-gear", () => manualEffort({ torqueNm: 1, leverLengthMm: 300, gearRatio: 30 }));
  });
});

describe("a butterfly disc", () => {
  it("never has less breakaway torque at a higher differential, and its parts add up", () => {
    const input = {
      discDiameterMm: 300,
      differentialBar: 10,
      seatLineLoadNPerMm: 20,
      seatFriction: 0.3,
      bearingFriction: 0.1,
      stemDiameterMm: 40,
      packingHeightMm: 40,
      packingRadialStressMPa: 5,
      packingFriction: 0.1,
      pipeOffsetMm: 3,
    };
    fc.assert(
      fc.property(between(0, 40), between(0, 40), (a, b) => {
        const torqueAt = (differentialBar: number) => butterflyTorque({ ...input, differentialBar });
        const [low, high] = [torqueAt(Math.min(a, b)), torqueAt(Math.max(a, b))];
        expect(high.breakNm).toBeGreaterThanOrEqual(low.breakNm);
        const { seatNm, bearingNm, offsetNm, packingNm, breakNm } = high;
        expect(seatNm + bearingNm + offsetNm + packingNm).toBeCloseTo(breakNm, 9);
      }),
    );
    // Flow turns it too, and is no part of the break.
    const flowing = butterflyTorque({ ...input, dynamicCoefficient: 0.1, flowDifferentialBar: 1 });
    expect(flowing.dynamicNm).toBeCloseTo(270, 6);
    expect(flowing.breakNm).toBe(butterflyTorque(input).breakNm);
  });
});

describe("screws", () => {
  it("names an unknown thread or grade, and reports friction only for given dimensions", () => {
    const input = { thread: "M12", grade: "8.8", utilisation: 0.7, frictionThread: 0.12, frictionHead: 0.12 };
    refused("unknown-thread", () => boltTightening({ ...input, thread: "M13" }));
    refused("unknown-grade", () => boltTightening({ ...input, grade: "constructor" }));
    expect(boltTightening(input)).not.toHaveProperty("transmissibleNm");
    const held = (bolts?: number) =>
      boltTightening({ ...input, bolts, boltCircleMm: 125, jointFriction: 0.12 });
    expect(held().transmissibleNm).toBeCloseTo(held(4).transmissibleNm!, 9);
    expect(held(8).transmissibleNm).toBeCloseTo(2 * held(4).transmissibleNm!, 6);
  });
});

describe("the probability of a stall", () => {
  const input: StallInput = {
    breakNm: 300,
    friction: { low: 0.8, design: 1, high: 1.6 },
    growth: { low: 1, high: 1.3 },
    airBarG: { low: 4, design: 5, high: 6 },
    torquePerBarNm: 90,
    springNm: 60,
    springScatter: 0.05,
    trials: 20_000,
    seed: 7,
  };
  it("repeats to the last digit with the same seed, and scatters with another as stated", () => {
    expect(stallProbability(input)).toEqual(stallProbability(input));
    const [first, other] = [stallProbability(input), stallProbability({ ...input, seed: 8 })];
    expect(other.probability).not.toBe(first.probability);
    expect(Math.abs(other.probability - first.probability)).toBeLessThan(6 * first.standardError);
    // The first numbers of a seed are these on every machine.
    const next = seeded(1);
    expect([next(), next()]).toEqual([0.6270739405881613, 0.002735721180215478]);
  });
  it("falls with air and rises with friction", () => {
    const more = { ...input, airBarG: { low: 5, design: 6, high: 7 } };
    expect(stallProbability(more).probability).toBeLessThan(stallProbability(input).probability);
    const rougher = { ...input, friction: { low: 1, design: 1.3, high: 2 } };
    expect(stallProbability(rougher).probability).toBeGreaterThan(stallProbability(input).probability);
  });
  it("is zero or one without scatter, on both sides of the border", () => {
    const still = { low: 1, design: 1, high: 1 };
    const outputAt = (air: number) =>
      stallProbability({
        ...input,
        friction: still,
        growth: { low: 1, high: 1 },
        airBarG: { low: air, design: air, high: air },
        springScatter: 0,
      }).probability;
    expect(outputAt(4)).toBe(0);
    expect(outputAt(3.999)).toBe(1);
  });
  it("refuses spreads that do not rise", () => {
    refused("not-in-order", () => stallProbability({ ...input, friction: { low: 1.2, design: 1, high: 2 } }));
    refused("not-in-order", () => stallProbability({ ...input, growth: { low: 2, high: 1 } }));
  });
});

describe("the stall probability against its closed form", () => {
  const certain = {
    breakNm: 100,
    growth: { low: 1, high: 1 },
    airBarG: { low: 5, design: 5, high: 5 },
    springNm: 0,
    springScatter: 0,
    trials: 100_000,
    seed: 7,
  };
  const friction = { low: 1, design: 1.2, high: 2 };
  /** Probability that a triangular variable exceeds a value. */
  const above = (v: number, { low, design, high }: typeof friction) =>
    v < design
      ? 1 - (v - low) ** 2 / ((high - low) * (design - low))
      : (high - v) ** 2 / ((high - low) * (high - design));
  it.each([1.05, 1.1, 1.2, 1.4, 1.8])("for triangular friction at %d times nominal torque", (v) => {
    const { probability, standardError } = stallProbability({
      ...certain,
      friction,
      torquePerBarNm: (v * 100) / 5,
    });
    expect(Math.abs(probability - above(v, friction))).toBeLessThan(5 * standardError + 1e-9);
    expect(standardError).toBeCloseTo(Math.sqrt((probability * (1 - probability)) / certain.trials), 12);
  });
  it.each([4.6, 5, 5.6])("for triangular air pressure at %d bar", (p) => {
    const airBarG = { low: 4.5, design: 5, high: 6 };
    const { probability, standardError } = stallProbability({
      ...certain,
      airBarG,
      friction: { low: 1, design: 1, high: 1 },
      torquePerBarNm: 100 / p,
    });
    expect(Math.abs(probability - (1 - above(p, airBarG)))).toBeLessThan(5 * standardError + 1e-9);
  });
});

describe("the turn from snug tight", () => {
  it("adds the stretch at the preload to the embedding", () => {
    const turn = (utilisation: number) => turnFromSnugDegrees({ thread: "M10", grade: "8.8", utilisation });
    // M10: pitch 1.5 mm, proof stress 640 MPa, stretched length 2 × 10 mm, clamped parts add a quarter, E 205 GPa.
    expect(turn(0.7) - turn(0)).toBeCloseTo(((360 / 1.5) * 1.25 * 0.7 * 640 * 20) / 205_000, 9);
    expect(turn(0)).toBeCloseTo((360 / 1.5) * 0.015, 9);
  });
});
