import { describe, expect, it } from "vitest";
import { keyFor, keysCarryNm } from "./keys.ts";
import { torsionMm3 } from "./strength.ts";

describe("keys", () => {
  it.each([
    [5.9, null],
    [6, 2],
    [8, 2],
    [8.1, 3],
    [38, 10],
    [38.5, 12],
    [330, 70],
    [330.1, null],
  ])("a shaft of %d mm", (shaft, width) => expect(keyFor(shaft)?.widthMm ?? null).toBe(width));
  it("carry in proportion to length and pressure, several for three quarters each", () => {
    const oneKey = keysCarryNm(1, 40, 60, 100)!;
    expect(keysCarryNm(1, 40, 120, 100)).toBeCloseTo(2 * oneKey, 9);
    expect(keysCarryNm(1, 40, 60, 200)).toBeCloseTo(2 * oneKey, 9);
    expect(keysCarryNm(2, 40, 60, 100)).toBeCloseTo(1.5 * oneKey, 9);
    expect(keysCarryNm(1, 400, 60, 100)).toBeNull();
  });
});

describe("torsion of an end", () => {
  it("is that of a square, of a notched shaft, of the root of teeth", () => {
    expect(torsionMm3("square diagonal", 20)).toBe(torsionMm3("square parallel", 20));
    expect(torsionMm3("keyed", 20)).toBeCloseTo(0.75 * (Math.PI / 16) * 8000, 9);
    expect(torsionMm3("serrated", 20)).toBeCloseTo((Math.PI / 16) * 18 ** 3, 9);
  });
});
