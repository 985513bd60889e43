import { describe, expect, it } from "vitest";
import { dutyWith, proven, shelfWith } from "../../test/fixture.ts";
import { settle } from "../duty/index.ts";
import { defaultHouseRules } from "../house/index.ts";
import { sealMaterial, valueOnCurve } from "../reference/index.ts";
import { envelopeOf } from "./envelope.ts";
import { strokePicture } from "./stroke.ts";

describe("envelope", () => {
  it("is never above the body or the seat, and touches one of them everywhere", () => {
    const candidate = proven();
    const { lowest, lowestC, highestC } = envelopeOf(candidate);
    expect([lowestC, highestC]).toEqual([-29, 210]);
    for (let i = 1; i < lowest.length; i++) {
      for (const share of [0, 0.5, 1]) {
        const t = lowest[i - 1]![0] + (lowest[i]![0] - lowest[i - 1]![0]) * share;
        const p = lowest[i - 1]![1] + (lowest[i]![1] - lowest[i - 1]![1]) * share;
        const expected = Math.min(
          valueOnCurve(candidate.valve.ratingCurve, t),
          valueOnCurve(candidate.valve.seat.curve!, t),
        );
        expect(p).toBeCloseTo(expected, 9);
      }
    }
  });
  it("has no line where the ends leave nothing", () => {
    const shelf = shelfWith((line) => ({
      ...line,
      seats: [{ seat: "pctfe", priceFactor: 1, shutOff: "A", curve: null }],
      grades: [{ grade: "Alloy 625", priceFactor: 1 }],
      sizes: line.sizes.map((s) => ({
        ...s,
        geometry: { ...s.geometry, seatLoadN: { pctfe: 2000 } },
        torque: { ...s.torque, breakToOpenNm: { pctfe: [1, 2] } },
      })),
    }));
    const cold = proven({ shelf, seat: "pctfe", duty: dutyWith() });
    expect(envelopeOf(cold).lowest.length).toBeGreaterThan(0);
    const parts = [
      { part: "ring", material: { ...sealMaterial("ffkm")!, minimumC: 130 }, decompressionGrade: false },
    ];
    expect(envelopeOf({ valve: { ...cold.valve, seals: { ...cold.valve.seals, parts } } }).lowest).toEqual(
      [],
    );
  });
});

describe("stroke", () => {
  it("shows demand times factor against both supplies", () => {
    const duty = dutyWith();
    const candidate = proven({ duty, drive: "rp|RP 90|S4|closes" });
    const picture = strokePicture(candidate, settle(duty, defaultHouseRules()));
    expect(picture.demand!.opening).toEqual([28, 14, 16.8]);
    expect(picture.needed!.opening[0]).toBeCloseTo(28 * 1.2, 9);
    // More air helps the air stroke only; the spring does not know of it.
    expect(picture.atMaximum!.opening[0]).toBeGreaterThan(picture.atMinimum!.opening[0]);
    expect(picture.atMaximum!.closing).toEqual(picture.atMinimum!.closing);
  });
  it("shows the demand alone for a bare stem", () => {
    const duty = dutyWith({ operator: "bare stem" });
    expect(strokePicture(proven({ duty }), settle(duty, defaultHouseRules()))).toMatchObject({
      atMinimum: null,
      atMaximum: null,
      stemLimitNm: 400,
    });
  });
});
