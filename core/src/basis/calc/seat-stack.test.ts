import { describe, expect, it } from "vitest";
import { normalBelow, type StackLink, seatStack } from "./seat-stack.ts";
import { seeded } from "./seeded.ts";

const links: readonly StackLink[] = [
  { name: "seat", nominalMm: 11.4, plusMm: 0.06, minusMm: 0.02, sense: 1 },
  { name: "ball", nominalMm: 55.5, plusMm: 0.02, minusMm: 0.02, sense: 1 },
  { name: "pocket", nominalMm: 66.6, plusMm: 0.03, minusMm: 0.05, sense: -1 },
];
const stackOf = (stiffness = 1000, chain = links) =>
  seatStack({ links: chain, axialStiffnessNPerMm: stiffness });

describe("a chain of dimensions", () => {
  it("lies between its worst ends, and the root of squares within them", () => {
    const stack = stackOf();
    expect(stack.worstMinimumMm).toBeLessThan(stack.rssMinimumMm);
    expect(stack.rssMinimumMm).toBeLessThan(stack.meanMm);
    expect(stack.rssMaximumMm).toBeLessThan(stack.worstMaximumMm);
    expect((stack.worstMaximumMm + stack.worstMinimumMm) / 2).toBeCloseTo(stack.meanMm, 12);
    expect(stack.worstMaximumMm - stack.worstMinimumMm).toBeCloseTo(0.06 + 0.02 + 0.04 + 0.03 + 0.05, 12);
  });
  it("does not depend on the order, and reverses with its senses", () => {
    const turned = links.map((l) => ({ ...l, sense: -l.sense as 1 | -1 }));
    expect(stackOf(1000, [...links].reverse()).meanMm).toBeCloseTo(stackOf().meanMm, 12);
    expect(stackOf(1000, turned).worstMaximumMm).toBeCloseTo(-stackOf().worstMinimumMm, 12);
  });
  it("gives load by stiffness, and none where it is loose", () => {
    expect(stackOf(2000).loadAtMeanN).toBeCloseTo(2 * stackOf(1000).loadAtMeanN, 9);
    const loose = stackOf(1000, [...links, { name: "shim", nominalMm: 1, plusMm: 0, minusMm: 0, sense: -1 }]);
    expect(loose).toMatchObject({ loadAtMeanN: 0, loadWorstMaximumN: 0 });
    expect(loose.probabilityLoose).toBeGreaterThan(0.999);
  });
  it("without tolerances is either loose or not", () => {
    const exact = (mm: number) =>
      stackOf(1000, [
        { name: "a", nominalMm: 10 + mm, plusMm: 0, minusMm: 0, sense: 1 },
        { name: "b", nominalMm: 10, plusMm: 0, minusMm: 0, sense: -1 },
      ]).probabilityLoose;
    expect([exact(0.1), exact(0), exact(-0.1)]).toEqual([0, 0.5, 1]);
  });
});

describe("a normal distribution", () => {
  it.each([
    [0, 0.5],
    [-1, 0.15865525393145707],
    [-3, 0.0013498980316300957],
    [-6, 9.865876450376946e-10],
    [-10, 7.61985302416047e-24],
    [2, 0.9772498680518208],
  ])("at %d standard deviations is %d", (z, share) => {
    expect(normalBelow(z) / share).toBeCloseTo(1, 9);
  });
  it("rises, and mirrors about its mean", () => {
    for (let z = -8; z < 8; z += 0.01) {
      expect(normalBelow(z + 0.01)).toBeGreaterThanOrEqual(normalBelow(z));
      expect(normalBelow(z) + normalBelow(-z)).toBeCloseTo(1, 12);
    }
  });
  it("agrees with random draws within their scatter", () => {
    const random = seeded(7);
    const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    const drawn = Array.from({ length: 40_000 }, normal).filter((z) => z < -1).length / 40_000;
    expect(drawn).toBeCloseTo(normalBelow(-1), 2);
  });
});
