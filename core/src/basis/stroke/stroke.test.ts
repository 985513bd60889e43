import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Demand, demandPoints } from "../calc/actuator-margin.ts";
import { rackAndPinionOutput } from "../calc/rack-and-pinion-output.ts";
import { namedPoints, outputProfile, profileThrough } from "./named-points.ts";
import { angles, covering, evenly, type Profile, peakOf, scaled, steady } from "./profile.ts";
import { placeWords, weakest } from "./weakest.ts";

const torque = fc.double({ min: 0.01, max: 1e5, noNaN: true });
const points: fc.Arbitrary<Demand> = fc.record(
  Object.fromEntries(demandPoints.map((p) => [p, torque])) as Record<keyof Demand, typeof torque>,
);

describe("a profile", () => {
  it("has a value at every third degree, both ends included", () => {
    expect([angles.length, angles[0], angles.at(-1)]).toEqual([31, 0, 90]);
  });
  it("goes through its six named points, whatever they are", () => {
    fc.assert(fc.property(points, (p) => void expect(namedPoints(profileThrough(p))).toEqual(p)));
  });
  it("never exceeds its points", () => {
    fc.assert(
      fc.property(points, (p) => {
        const { opening, closing } = profileThrough(p);
        const open = [p.breakToOpenNm, p.runToOpenNm, p.endToOpenNm];
        const close = [p.breakToCloseNm, p.runToCloseNm, p.endToCloseNm];
        for (const [stroke, values] of [
          [opening, open],
          [closing, close],
        ] as const)
          for (const nm of stroke) {
            expect(nm).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
            expect(nm).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
          }
      }),
    );
  });
  it("leaves the seat within fifteen degrees", () => {
    const p = {
      breakToOpenNm: 100,
      runToOpenNm: 40,
      endToOpenNm: 50,
      breakToCloseNm: 1,
      runToCloseNm: 1,
      endToCloseNm: 1,
    };
    const { opening } = profileThrough(p);
    expect(opening.slice(0, 7)).toEqual([100, 88, 76, 64, 52, 40, 40]);
    expect(opening.slice(-6)).toEqual([40, 42, 44, 46, 48, 50]);
  });
  it("is scaled and covered angle by angle", () => {
    const a: Profile = { opening: evenly(0, 90), closing: evenly(90, 0) };
    expect(scaled(a, 2).closing[0]).toBe(180);
    expect(covering([a, steady(45)]).opening.slice(14, 17)).toEqual([45, 45, 48]);
    expect(peakOf(a)).toBe(90);
  });
});

describe("output of an actuator", () => {
  const cylinder = { pistonDiameterMm: 90, pistonCount: 2, pinionPitchRadiusMm: 20, efficiency: 0.9 };
  const sprung = rackAndPinionOutput({ ...cylinder, airBarG: 5, springPreloadN: 1000, springRateNPerMm: 6 });
  it("falls evenly on air, and on the spring back", () => {
    const { opening, closing } = outputProfile(sprung, "spring-to-close");
    if ("torqueNm" in sprung) throw new Error("it has springs");
    expect([opening[0], opening[30]]).toEqual([sprung.airStartNm, sprung.airEndNm]);
    expect([closing[30], closing[0]]).toEqual([sprung.springStartNm, sprung.springEndNm]);
    for (let i = 2; i < angles.length; i++)
      expect(opening[i]! - opening[i - 1]!).toBeCloseTo(opening[1]! - opening[0]!, 6);
  });
  it("with spring and air together equals the double-acting one at every angle", () => {
    const air = rackAndPinionOutput({ ...cylinder, airBarG: 5 });
    const both = (["spring-to-close", "spring-to-open"] as const).map((action) =>
      outputProfile(sprung, action),
    );
    for (const { opening, closing } of both)
      opening.forEach((nm, i) => {
        expect(nm + closing[i]!).toBeCloseTo((air as { torqueNm: number }).torqueNm, 6);
      });
  });
  it("goes through the middle where that is stated", () => {
    const yoke = {
      airStartNm: 10,
      airRunNm: 4,
      airEndNm: 8,
      springStartNm: 9,
      springRunNm: 3,
      springEndNm: 7,
    };
    expect(outputProfile(yoke, "spring-to-close").opening[15]).toBe(4);
    expect(outputProfile(yoke, "spring-to-open").opening[15]).toBe(3);
  });
});

describe("the weakest point", () => {
  const falling: Profile = { opening: evenly(100, 40), closing: evenly(100, 100) };
  it("lies between named points where the output is lowest there", () => {
    const asks = profileThrough({
      breakToOpenNm: 60,
      runToOpenNm: 50,
      endToOpenNm: 10,
      breakToCloseNm: 1,
      runToCloseNm: 1,
      endToCloseNm: 1,
    });
    const found = weakest(falling, asks);
    expect(found).toEqual({ stroke: "opening", degrees: 75, givesNm: 50, asksNm: 50 });
    expect(placeWords(found)).toBe("run to open, 75° from shut");
  });
  it("has the lowest ratio of all, whatever the torques", () => {
    fc.assert(
      fc.property(points, points, (gives, asks) => {
        const [profile, asked] = [profileThrough(gives), profileThrough(asks)];
        const { givesNm, asksNm } = weakest(profile, asked);
        for (const stroke of ["opening", "closing"] as const)
          for (const [i, nm] of asked[stroke].entries())
            expect(profile[stroke][i]! / nm).toBeGreaterThanOrEqual(givesNm / asksNm - 1e-12);
      }),
    );
  });
  it("needs nothing where the valve helps, and fails where the actuator brakes", () => {
    expect(weakest(steady(5), { opening: evenly(-3, -3), closing: evenly(2, 4) })).toMatchObject({
      stroke: "closing",
      degrees: 90,
    });
    expect(weakest({ opening: evenly(5, -1), closing: evenly(5, 5) }, steady(0)).degrees).toBe(78);
  });
  it.each([
    [{ stroke: "opening", degrees: 0 }, "break to open"],
    [{ stroke: "opening", degrees: 90 }, "end to open"],
    [{ stroke: "closing", degrees: 90 }, "break to close"],
    [{ stroke: "closing", degrees: 0 }, "end to close"],
    [{ stroke: "closing", degrees: 30 }, "run to close, 30° from shut"],
  ] as const)("%j is called %s", (place, words) => expect(placeWords(place)).toBe(words));
});
