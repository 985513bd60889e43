import { describe, expect, it } from "vitest";
import { chlorideCurves, contentLimitMgL, temperatureLimitC } from "./chloride-limits.ts";
import { metals } from "./suitability.ts";
import { chlorideLimits as table } from "./tables/chloride-limits.ts";

const curves = metals.flatMap((metal) => chlorideCurves(metal).map((curve) => ({ metal, curve })));

describe("chloride curves", () => {
  it("belong to metals of the tables", () => {
    expect(
      [...new Set(table.rows.map(([metal]) => metal))].filter((m) => !metals.includes(m as string)),
    ).toEqual([]);
  });
  it.each(curves)("of $metal fall as the temperature rises ($curve.mechanism)", ({ curve }) => {
    const { temperaturesC, chloridesMgL } = curve;
    expect(temperaturesC).toEqual(temperaturesC.toSorted((a, b) => a - b));
    expect(chloridesMgL).toEqual(chloridesMgL.toSorted((a, b) => b - a));
    let last = Infinity;
    for (let c = 0; c <= 300; c += 7) {
      const content = contentLimitMgL(curve, c);
      expect(content).toBeLessThanOrEqual(last);
      last = content;
    }
  });
  it("give the content at a temperature and the temperature at a content alike", () => {
    const [, cracking] = chlorideCurves("austenitic 316");
    expect(temperatureLimitC(cracking!, 1000)).toBe(60);
    const between = temperatureLimitC(cracking!, 300);
    expect(between).toBeGreaterThan(60);
    expect(between).toBeLessThan(75);
    expect(contentLimitMgL(cracking!, between)).toBeCloseTo(300, 6);
  });
  it("go on beyond the hottest point, never beyond the coldest", () => {
    const [pitting] = chlorideCurves("austenitic 316");
    expect(contentLimitMgL(pitting!, 0)).toBe(1000);
    expect(contentLimitMgL(pitting!, 120)).toBeCloseTo(80 * (80 / 150), 6);
    const [, cracking] = chlorideCurves("austenitic 316");
    expect([temperatureLimitC(cracking!, 1), temperatureLimitC(cracking!, 300_000)]).toEqual([95, 50]);
  });
  it("leaves metals alone that chlorides do not attack", () => {
    expect(chlorideCurves("tungsten carbide coating")).toEqual([]);
  });
});
