import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { padOf, pads } from "../../basis/reference/pads.ts";
import { driveForms, type StemEnd, stemForms } from "../../construction/ends/forms.ts";
import { throughMm } from "../../construction/ends/strength.ts";
import type { StockBracket, StockCoupling } from "../../equipment/accessories/stock.ts";
import { between } from "./between.ts";
import { bracketFor, threadMm } from "./bracket.ts";
import { couplingFor } from "./coupling.ts";
import { meetingOf } from "./joint.ts";
import { riseWantedMm } from "./room.ts";
import { screwsOf } from "./screws.ts";
import { momentOn } from "./weigh.ts";

const house = defaultHouseRules();
const square = (acrossMm: number, heightMm = acrossMm): StemEnd => ({
  form: "square parallel",
  acrossMm,
  heightMm,
  flats: null,
  keys: null,
});
const star = (acrossMm: number, depthMm = 1.2 * acrossMm) =>
  ({ form: "double square", acrossMm, depthMm }) as const;

describe("the end of a stem in the bore of an actuator", () => {
  it.each([
    ["a square in eight corners", square(17), star(17), null, false],
    ["on its corner too", { ...square(17), form: "square diagonal" as const }, star(17), null, false],
    ["a smaller one with a sleeve", square(14), star(17), null, true],
    ["a thicker one not", square(19), star(17), "the stem is too large for the bore", false],
    ["a longer one not", square(17, 21), star(17), "the stem is longer than the bore depth", false],
    ["a short one not", square(17, 13.5), star(17), "the stem engagement is too short", false],
    [
      "a flat head not",
      { ...square(17), form: "flat head" as const },
      star(17),
      "stem and bore have different shapes",
      false,
    ],
  ] as const)("%s", (_, stem, bore, obstacle, sleeve) => {
    const met = meetingOf(stem, bore, 0.8);
    expect(met.obstacle).toBe(obstacle);
    if (obstacle === null) expect(met.sleeve).toBe(sleeve);
  });
  it("accepts the least engagement, and no less", () => {
    expect(meetingOf(square(10, 8), star(10), 0.8).goesIn).toBe(true);
    expect(meetingOf(square(10, 7.99), star(10), 0.8).goesIn).toBe(false);
  });
  it("machines a blank for any end within it, exactly at the border", () => {
    for (const form of stemForms) {
      const stem = { ...square(40, 50), form };
      const blank = (acrossMm: number) => ({ form: "blank insert", acrossMm, depthMm: 60 }) as const;
      const through = throughMm(form, 40);
      expect(meetingOf(stem, blank(through), 0.8).goesIn).toBe(true);
      expect(meetingOf(stem, blank(through - 0.01), 0.8).obstacle).toBe("the stem is too large for the bore");
    }
  });
  it("accepts no key with a sleeve", () => {
    const keyed = { ...square(40, 50), form: "keyed" as const };
    expect(meetingOf(keyed, { form: "keyed", acrossMm: 40, depthMm: 60 }, 0.8).goesIn).toBe(true);
    expect(meetingOf(keyed, { form: "keyed", acrossMm: 42, depthMm: 60 }, 0.8).goesIn).toBe(false);
  });
});

const ends = fc.record({
  form: fc.constantFrom(...stemForms),
  acrossMm: fc.integer({ min: 9, max: 200 }),
  heightMm: fc.integer({ min: 9, max: 300 }),
  flats: fc.constant(null),
  keys: fc.constantFrom(null, 1, 2),
});
const bores = fc.record({
  form: fc.constantFrom(...driveForms),
  acrossMm: fc.integer({ min: 9, max: 300 }),
  depthMm: fc.integer({ min: 9, max: 300 }),
});
const peaks = fc.double({ min: 1, max: 100_000, noNaN: true });

describe("parts made to order", () => {
  it("include a coupling whose end fits the actuator, with its stated capacity", () => {
    fc.assert(
      fc.property(ends, bores, peaks, (stem, bore, peakNm) => {
        const made = couplingFor(stem, bore, peakNm, house);
        const { form, acrossMm } = made.end;
        if (bore.form === "blank insert")
          expect(throughMm(form, acrossMm)).toBeLessThanOrEqual(bore.acrossMm + 1e-9);
        else expect(acrossMm).toBe(bore.acrossMm);
        expect(made.end.heightMm).toBeLessThan(bore.depthMm);
        expect(made.outsideMm).toBeGreaterThan(throughMm(stem.form, stem.acrossMm));
        expect(made.carriesNm).toBeGreaterThanOrEqual(0);
        expect(Number.isFinite(made.weightKg) && made.weightKg > 0).toBe(true);
      }),
    );
  });
  it("include a coupling no weaker for a stronger steel", () => {
    fc.assert(
      fc.property(ends, bores, peaks, (stem, bore, peakNm) => {
        const stronger = couplingFor(stem, bore, peakNm, { ...house, couplingYieldMPa: 800 });
        expect(stronger.carriesNm).toBeGreaterThanOrEqual(
          Math.min(peakNm, couplingFor(stem, bore, peakNm, house).carriesNm) * (1 - 1e-9),
        );
      }),
    );
  });
  const light = { forceN: 10, centreMm: 50 };
  it("include a bracket of the thinnest plate that carries the peak, with room for a wrench", () => {
    const some = fc.constantFrom(...pads);
    fc.assert(
      fc.property(
        some,
        some,
        fc.integer({ min: 1, max: 500 }),
        peaks,
        (lower, upper, leastHeightMm, peakNm) => {
          const made = bracketFor({ lower, upper, leastHeightMm, turningMm: 40 }, light, peakNm, house);
          expect(made.heightMm).toBeGreaterThanOrEqual(leastHeightMm);
          expect(made.heightMm).toBeGreaterThanOrEqual(
            2 * made.plateMm + 4 * (threadMm(lower) + threadMm(upper)),
          );
          expect(made.heightMm % 10).toBe(0);
          expect(made.plateWidthMm).toBeGreaterThan(upper.pitchCircleDiameterMm + 2 * threadMm(upper));
          expect(made.plateMm).toBeLessThanOrEqual(made.plateWidthMm / 4);
          // No weaker than one for less torque, and strong enough where one exists.
          const easy = bracketFor({ lower, upper, leastHeightMm, turningMm: 40 }, light, peakNm / 2, house);
          expect(made.carriesNm).toBeGreaterThanOrEqual(Math.min(peakNm, easy.carriesNm));
        },
      ),
    );
  });
  it("have legs according to statics", () => {
    const made = bracketFor(
      { lower: padOf("F07")!, upper: padOf("F07")!, leastHeightMm: 1, turningMm: 30 },
      { forceN: 0, centreMm: 0 },
      1,
      house,
    );
    // Two legs 5 × 100 at 0.6 · 205 MPa, 95 apart, 80 high: 2 · (5·100²/6) · 123 · 95 / 80 / 1000.
    expect(made).toMatchObject({ plateMm: 5, plateWidthMm: 100, heightMm: 80 });
    expect(made.carriesNm).toBeCloseTo((2 * ((5 * 100 ** 2) / 6) * 123 * 95) / 80 / 1000, 9);
    // A hundred newtons 40 above it: swaying 100·80/4 on 100·5²/6, and a couple of 100·120 over 95 on 5·100.
    const laden = bracketFor(
      { lower: padOf("F07")!, upper: padOf("F07")!, leastHeightMm: 1, turningMm: 30 },
      { forceN: 100, centreMm: 40 },
      1,
      house,
    );
    const stress = (100 * 80) / 4 / ((100 * 5 ** 2) / 6) + (100 * 120) / (95 * 100 * 5);
    expect(laden.carriesNm).toBeCloseTo(made.carriesNm * (1 - stress / 123), 9);
  });
});

describe("standard parts", () => {
  const [lower, upper] = [padOf("F10")!, padOf("F07")!];
  const [stem, bore] = [square(19, 20), star(17)];
  const pads = { lower, upper, leastHeightMm: 0 };
  const coupling: StockCoupling = {
    maker: "Fennimoor Valve Works",
    item: "CP",
    price: 20,
    socketForm: "square parallel",
    socketAcrossMm: 19,
    socketDepthMm: 21,
    endForm: "square parallel",
    endAcrossMm: 17,
    endLengthMm: 20,
    solidMm: 68,
    outsideMm: 40,
    ratedTorqueNm: 200,
    weightKg: 1,
  };
  const bracket: StockBracket = {
    maker: "Fennimoor Valve Works",
    item: "BK",
    price: 50,
    lowerFlange: "F10",
    upperFlange: "F07",
    heightMm: 90,
    plateWidthMm: 140,
    plateMm: 6,
    legMm: 6,
    middleMm: 50,
    ratedTorqueNm: 250,
    weightKg: 3,
  };
  const put = (
    change: { bracket?: Partial<StockBracket>; coupling?: Partial<StockCoupling>; at?: object },
    peakNm = 150,
    onto = bore,
  ) => {
    const stock = {
      brackets: [{ ...bracket, ...change.bracket }],
      couplings: [{ ...coupling, ...change.coupling }],
    };
    const {
      bracket: b,
      coupling: c,
      price,
    } = between(stem, onto, { ...pads, ...change.at }, light, peakNm, house, stock);
    return { bracket: b.made?.item ?? "drawn", coupling: c.made?.item ?? "drawn", price };
  };
  const light = { forceN: 10, centreMm: 50 };
  it("are used where they fit and carry, at their own price", () =>
    expect(put({})).toEqual({ bracket: "BK", coupling: "CP", price: 70 }));
  it.each([
    ["another flange", { bracket: { upperFlange: "F10" } }],
    ["too low for the room wanted", { at: { leastHeightMm: 91 } }],
    ["a hole no wider than the coupling", { bracket: { middleMm: 41 } }],
    ["rated below the peak", { bracket: { ratedTorqueNm: 149 } }],
    ["legs that do not carry what their maker says", { bracket: { legMm: 3, plateWidthMm: 40 } }],
  ])("bracket is made to order for %s", (_, change) => expect(put(change).bracket).toBe("drawn"));
  it.each([
    ["another square", { coupling: { socketAcrossMm: 18 } }],
    ["a socket the stem does not go into", { coupling: { socketDepthMm: 19.9 } }],
    ["an end the bore does not take", { coupling: { endForm: "flat head" as const } }],
    ["an end of another width", { coupling: { endAcrossMm: 16 } }],
    ["an end longer than the bore is deep", { coupling: { endLengthMm: 21 } }],
    ["one rated below the peak", { coupling: { ratedTorqueNm: 149 } }],
    ["one that does not reach the drive", { coupling: { solidMm: 60 } }],
  ])("coupling is made to order for %s", (_, change) => expect(put(change).coupling).toBe("drawn"));
  it("still fit at the border", () => {
    expect(put({ bracket: { middleMm: 42, ratedTorqueNm: 150 }, at: { leastHeightMm: 90 } }).bracket).toBe(
      "BK",
    );
    // 17 wide, so 13.6 must engage: the shoulder may be 6.4 below the actuator.
    expect(put({ coupling: { solidMm: 63.6 } }).coupling).toBe("CP");
    expect(put({ coupling: { solidMm: 63.5 } }).coupling).toBe("drawn");
  });
  it("are not used where parts made to order cost less", () =>
    expect(put({ coupling: { price: 900 } }).coupling).toBe("drawn"));
});

describe("a coupling for its bracket", () => {
  it("reaches from the stem into the actuator, at any bracket height", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...pads),
        peaks,
        fc.integer({ min: 1, max: 400 }),
        (pad, peakNm, leastHeightMm) => {
          const pads = { lower: pad, upper: pad, leastHeightMm };
          const none = { brackets: [], couplings: [] };
          const { bracket, coupling } = between(
            square(22, 23),
            star(27),
            pads,
            { forceN: 50, centreMm: 60 },
            peakNm,
            house,
            none,
          );
          expect(coupling.socketDepthMm + coupling.solidMm).toBeGreaterThanOrEqual(bracket.heightMm - 1e-9);
          expect(coupling.lengthMm).toBeCloseTo(
            coupling.socketDepthMm + coupling.solidMm + coupling.end.heightMm,
            9,
          );
        },
      ),
    );
  });
});

describe("screws of a pad", () => {
  it.each(pads.map((p) => p.flange))("%s hold the torque of ISO 5211", (flange) => {
    const screws = screwsOf(padOf(flange)!, house);
    expect(screws.transmissibleNm).toBeGreaterThan(screws.pad.maximumTorqueNm);
    expect(screws.dryNm).toBeGreaterThan(screws.lubricatedNm);
  });
  it("hold less than that with a soft grade on small pads", () => {
    const soft = screwsOf(padOf("F05")!, { ...house, screwGrade: "A2-70" });
    expect(soft.transmissibleNm).toBeLessThan(soft.pad.maximumTorqueNm);
  });
  it("clamp in proportion to their tightening", () => {
    const half = screwsOf(padOf("F12")!, {
      ...house,
      screwUtilisationPercent: house.screwUtilisationPercent / 2,
    });
    const whole = screwsOf(padOf("F12")!, house);
    for (const figure of ["preloadN", "lubricatedNm", "transmissibleNm", "opensAtNm"] as const)
      expect(2 * half[figure]).toBeCloseTo(whole[figure], 6);
  });
});

describe("load on the pad", () => {
  const outside = { lengthMm: 400, widthMm: 200, heightMm: 200, centreMm: 100 };
  const screws = screwsOf(padOf("F10")!, house);
  const moment = (stands: "upright" | "horizontal" | "hanging" | null, riseMm = 0, betweenKg = 0) =>
    momentOn({ driveKg: 20, outside, betweenKg, riseMm, screws, stands }, house);
  it("is the weight where the stem is horizontal, or not stated", () => {
    expect(moment("horizontal").momentNm).toBeCloseTo(20 * 0.1 * 9.80665 * 1.2, 9);
    expect(moment(null)).toEqual(moment("horizontal"));
    expect(moment("upright").momentNm).toBeCloseTo(20 * 0.1 * 9.80665 * 0.2, 9);
    expect(moment("hanging")).toEqual(moment("upright"));
  });
  it("is larger on a bracket", () => {
    expect(moment(null, 100, 4).momentNm).toBeCloseTo((20 * 0.2 + 4 * 0.05) * 9.80665 * 1.2, 9);
  });
});

describe("the height an actuator needs", () => {
  const size = { padHeightMm: 100, flangeDiameterMm: 180, faceToFaceMm: 200 } as never;
  const long = { lengthMm: 300, widthMm: 100, heightMm: 100, centreMm: 50 };
  it("is zero over a flange it clears, and the missing height over one it does not", () => {
    expect(riseWantedMm(size, long, { laggingMm: null }, house)).toBe(0);
    const low = { ...(size as object), padHeightMm: 90 } as never;
    expect(riseWantedMm(low, long, { laggingMm: null }, house)).toBe(5);
    expect(riseWantedMm(low, { ...long, lengthMm: 140 }, { laggingMm: null }, house)).toBe(0);
  });
  it("clears the insulation, with room for a hand", () => {
    expect(riseWantedMm(size, long, { laggingMm: 80 }, house)).toBe(90 + 80 + house.handRoomMm - 100);
  });
  it("is not known where too little is stated", () => {
    const unknown = { padHeightMm: null, flangeDiameterMm: 180, faceToFaceMm: 200 } as never;
    expect(riseWantedMm(unknown, long, { laggingMm: 80 }, house)).toBeNull();
    expect(riseWantedMm(size, null, { laggingMm: null }, house)).toBeNull();
  });
});
