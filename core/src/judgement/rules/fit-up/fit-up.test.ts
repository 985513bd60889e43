import { describe, expect, it } from "vitest";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import { defaultHouseRules } from "../../../basis/house/house-rules.ts";
import { padOf } from "../../../basis/reference/pads.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";
import { fitUpOf } from "../../../mechanics/fit-up/fit-up.ts";

const shelf = shelfWith();
const valve = shelf.valvesFor(50)[0]!;
const air = shelf.families[0]!.drives.find((d) => d.key === "rp|RP 90|DA")!;
const driveAt = (peakNm: number, change: Partial<Drive> = {}): Drive => ({
  ...air,
  ...change,
  outputAt: () => ({ opening: Array(31).fill(peakNm), closing: Array(31).fill(peakNm) }) as never,
});
const sized = (change: Partial<Valve["size"]>): Valve => ({ ...valve, size: { ...valve.size, ...change } });
const found = (
  rule: string,
  drive: Drive | null,
  onValve = valve,
  duty: Parameters<typeof dutyWith>[0] = {},
) => findingOf(`fit-up/${rule}`, dutyWith(duty), onValve, drive);
const verdict = (...args: Parameters<typeof found>) => found(...args).verdict;
const wide = { flange: "F10", end: { form: "double square", acrossMm: 22, depthMm: 24 } } as const;
const keyed = { form: "keyed", acrossMm: 40, heightMm: 60, flats: "along the bore", keys: null } as const;
const blank = { end: { form: "blank insert", acrossMm: 60, depthMm: 70 } } as const;

describe("mounting an actuator", () => {
  it("is direct, with a sleeve, or over a bracket", () => {
    expect(found("joint", air)).toMatchObject({ verdict: "holds", value: "on the pad" });
    const thin = sized({ stemEnd: { ...valve.size.stemEnd!, acrossMm: 14 } });
    expect(found("joint", air, thin).says).toMatch(/sleeve/);
    expect(found("joint", driveAt(50, wide))).toMatchObject({
      value: "over a bracket",
      says: expect.stringContaining("the flanges differ"),
    });
  });
  it("uses the second bolt circle", () => {
    expect(found("joint", driveAt(50, { flange: "F10", alsoFlange: "F07" }))).toMatchObject({
      value: "on the pad",
    });
    expect(found("joint", driveAt(50, { flange: "F10", alsoFlange: "F05" }))).toMatchObject({
      value: "over a bracket",
    });
  });
  it("waits for a stem end that is not stated", () => {
    expect(verdict("joint", air, sized({ stemEnd: null }))).toBe("cannot tell");
    expect(verdict("joint", driveAt(50, { end: null }))).toBe("cannot tell");
    expect(verdict("joint", null)).toBe("not asked");
  });
});

describe("parts between carry the peak torque, and no more", () => {
  const house = defaultHouseRules();
  const duty = { laggingMm: null, stemStands: null };
  it("the flange of the drive", () => {
    const limit = padOf("F07")!.maximumTorqueNm;
    expect(verdict("drive-flange", driveAt(limit))).toBe("holds");
    expect(verdict("drive-flange", driveAt(limit + 0.1))).toBe("fails");
  });
  it("its screws", () => {
    const { transmissibleNm } = fitUpOf(valve.size, air, 1, duty, house).lowerScrews!;
    expect(verdict("screws", driveAt(transmissibleNm))).toBe("holds");
    expect(verdict("screws", driveAt(transmissibleNm * 1.001))).toBe("fails");
  });
  it("the coupling", () => {
    const limit = fitUpOf(valve.size, driveAt(1, wide), 1e6, duty, house).coupling!.carriesNm;
    expect(verdict("coupling", driveAt(limit, wide))).toBe("holds");
    expect(verdict("coupling", driveAt(limit * 1.001, wide))).toBe("fails");
    expect(verdict("coupling", air)).toBe("not asked");
  });
  it("the bracket", () => {
    const limit = fitUpOf(valve.size, driveAt(1, wide), 1e9, duty, house).bracket!.carriesNm;
    expect(verdict("bracket", driveAt(limit * 0.999, wide))).toBe("holds");
    expect(verdict("bracket", driveAt(limit * 1.001, wide))).toBe("fails");
  });
  it("the key of a stem in a bore", () => {
    const valve = sized({ stemEnd: keyed });
    const limit = fitUpOf(valve.size, driveAt(1, blank), 1, duty, house).members.find((m) =>
      m.what.endsWith(" key"),
    )!;
    expect(verdict("key", driveAt(limit.carriesNm, blank), valve)).toBe("holds");
    expect(verdict("key", driveAt(limit.carriesNm * 1.001, blank), valve)).toBe("fails");
    expect(verdict("key", air)).toBe("not asked");
  });
});

describe("load on the pad", () => {
  it("needs a support above a share of the clamping force, and waits for the actuator's outline", () => {
    const onIt = found("moment", air).uses.find((u) => u.what === "weight of the accessories")!;
    const heavy = (kg: number) => verdict("moment", driveAt(50, { weightKg: kg - (onIt.value as number) }));
    const { momentNm, limitNm } = fitUpOf(
      valve.size,
      driveAt(50, { weightKg: 1 }),
      50,
      { laggingMm: null, stemStands: null },
      defaultHouseRules(),
    ).moment!;
    expect(heavy((limitNm / momentNm) * 0.999)).toBe("holds");
    expect(heavy((limitNm / momentNm) * 1.001)).toBe("tight");
    expect(verdict("moment", driveAt(50, { outside: null }))).toBe("cannot tell");
  });
  it("includes the accessories of the actuator", () => {
    const bears = (weightKg: number, carriedKg: number) =>
      fitUpOf(
        valve.size,
        driveAt(50, { weightKg }),
        50,
        { laggingMm: null, stemStands: null },
        defaultHouseRules(),
        { between: { brackets: [], couplings: [] }, carriedKg },
      ).moment!.momentNm;
    expect(bears(6, 4)).toBeCloseTo(bears(10, 0), 9);
  });
  it("assumes a horizontal stem where the direction is not stated", () => {
    expect(found("moment", air).uses.find((u) => u.what === "stem")!.origin).toBe("assumed");
    expect(
      found("moment", air, valve, { stemStands: "upright" }).uses.find((u) => u.what === "stem")!.origin,
    ).toBe("entered");
  });
});

describe("indicator and bore", () => {
  const head = (flats: "along the bore" | "across the bore" | null) =>
    sized({ stemEnd: { form: "flat head", acrossMm: 17, heightMm: 18, flats, keys: null } });
  const slot = { end: { form: "flat head", acrossMm: 17, depthMm: 20 } } as const;
  it("agree along the pipe, or the finding says so, or waits where not stated", () => {
    expect(verdict("orientation", driveAt(50, slot), head("along the bore"))).toBe("holds");
    expect(verdict("orientation", driveAt(50, slot), head("across the bore"))).toBe("tight");
    expect(verdict("orientation", driveAt(50, slot), head(null))).toBe("tight");
    expect(verdict("orientation", air)).toBe("holds");
  });
  it("are made to agree by a coupling", () => {
    expect(verdict("orientation", driveAt(50, wide), head("across the bore"))).toBe("holds");
  });
});

describe("clearance", () => {
  it("over flanges and lagging", () => {
    expect(verdict("clears", air)).toBe("holds");
    expect(found("clears", air, valve, { laggingMm: 100 })).toMatchObject({ verdict: "holds", sense: "≤" });
    expect(found("joint", air, valve, { laggingMm: 100 })).toMatchObject({
      says: expect.stringContaining("flange bolts or lagging"),
    });
    expect(verdict("clears", air, sized({ padHeightMm: null }))).toBe("cannot tell");
  });
  it.each([
    [120, "holds"],
    [121, "tight"],
    [-20, "holds"],
    [-21, "tight"],
  ] as const)("asks for the lagging of a line at %d °C: %s", (temperatureC, wanted) => {
    expect(verdict("clears", air, valve, { cases: [{ temperatureC }] })).toBe(wanted);
    expect(verdict("clears", air, valve, { laggingMm: 0, cases: [{ temperatureC }] })).toBe("holds");
  });
  it("beside the pipe", () => {
    const least = air.outside!.widthMm / 2 + defaultHouseRules().handRoomMm;
    expect(verdict("neighbour", air)).toBe("not asked");
    expect(verdict("neighbour", air, valve, { neighbourMm: least })).toBe("holds");
    expect(verdict("neighbour", air, valve, { neighbourMm: least - 1 })).toBe("fails");
    expect(verdict("neighbour", driveAt(50, { outside: null }), valve, { neighbourMm: 500 })).toBe(
      "cannot tell",
    );
  });
  it("in the face-to-face gap of the old valve", () => {
    const gap = (gapMm: number | null, onValve = valve) => found("gap", null, onValve, { gapMm });
    expect(gap(null)).toMatchObject({ verdict: "holds", uses: [{ origin: "assumed" }] });
    expect(gap(216).verdict).toBe("holds");
    expect(gap(217).verdict).toBe("holds");
    expect(gap(218).verdict).toBe("fails");
    expect(gap(214).verdict).toBe("fails");
    expect(gap(216 + 39).verdict).toBe("fails");
    expect(gap(216 + 40)).toMatchObject({ verdict: "tight", decides: "with a spool" });
    expect(gap(256).uses.find((u) => u.what === "makeup spool")!.value).toBe(40);
    expect(gap(216, sized({ faceToFaceMm: null })).verdict).toBe("cannot tell");
  });
});
