import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { crossing } from "./crossing.ts";

const between = (value: (x: number) => number, near: number, far: number) => {
  let asked = 0;
  const counted = (x: number) => {
    asked++;
    return value(x);
  };
  const bracket = { near, atNear: value(near), far, atFar: value(far) };
  return { at: crossing(counted, bracket, 0, 1e-12), asked: () => asked };
};
const root = fc.double({ min: 0.001, max: 0.999, noNaN: true });

describe("the place where a function crosses zero", () => {
  it("is found on curves that bend, from either side", () => {
    fc.assert(
      fc.property(root, fc.constantFrom(0.5, 1, 2, 3), (root, power) => {
        const curve = (x: number) => x ** power - root ** power;
        expect(between(curve, 0, 1).at).toBeCloseTo(root, 9);
        expect(between(curve, 1, 0).at).toBeCloseTo(root, 9);
      }),
    );
  });
  it("is found at a step, where there is no slope to go by", () => {
    fc.assert(
      fc.property(root, (root) => {
        expect(between((x) => (x < root ? -1 : 1), 0, 1).at).toBeCloseTo(root, 9);
      }),
    );
  });
  it("is found in far fewer steps than by halving where the curve bends little", () => {
    const { at: root, asked } = between((x) => Math.exp(x) - 1.5, 0, 1);
    expect(root).toBeCloseTo(Math.log(1.5), 12);
    expect(asked()).toBeLessThan(12);
  });
});
