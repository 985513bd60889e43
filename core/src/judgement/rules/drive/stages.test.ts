import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../../test/demo.ts";
import { dutyWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import { defaultHouseRules } from "../../../basis/house/house-rules.ts";
import type { Duty } from "../../../duty/statement/duty.ts";
import type { AnyFamily, Drive } from "../../../equipment/drives/kind.ts";

const drives = demoShelf.families.flatMap((family) => family.drives);
const named = (id: string, change: object = {}): Drive => {
  const drive = drives.find((d) => d.key === id)!;
  return { ...drive, family: { ...drive.family, ...change } as AnyFamily };
};
const valves = demoShelf.valvesFor(100);
const ball = valves.find((v) => v.line.id === "fennimoor-two-piece")!;
const disc = valves.find((v) => v.line.id === "osmere-concentric")!;
type Change = Parameters<typeof dutyWith>[0];
const verdict = (rule: string, drive: Drive | null, change: Change = {}, valve = ball) =>
  findingOf(`drive/${rule}`, dutyWith({ dn: 100, ...change } as Change), valve, drive).verdict;

const hand = { operator: "by hand" } as const;
const motor = (more: Partial<Duty> = {}) => ({ operator: "electric", area: "safe", ...more }) as Change;
const lever = (mm: number) => named(`fennimoor-lv|LV ${mm}`);
const gear = named("fennimoor-wg|WG 500");
const onOff = named("tarrowby-el|EL 250");

describe("a stem that rises", () => {
  const tilt = demoShelf.valvesFor(100).find((v) => v.line.id === "fennimoor-tilt")!;
  const wheel = drives.find((d) => d.family.id === "fennimoor-bg")!;
  const with_ = (change: object) => ({ ...tilt, size: { ...tilt.size, ...change } });
  const rated = (maximumThrustN: number | null) =>
    named(wheel.key, {
      sizes: wheel.family.sizes.map((s) => (s.id === wheel.sizeId ? { ...s, maximumThrustN } : s)),
    });
  const finding = (drive: Drive, valve = tilt) =>
    findingOf("drive/stem-thrust", dutyWith({ dn: 100, operator: "by hand" }), valve, drive);
  it("is within its thrust limits, and those of the actuator, at the thread's lowest friction", () => {
    const { value: kN } = finding(rated(1e9)) as unknown as { value: number };
    expect(finding(rated(1000 * kN)).verdict).toBe("holds");
    expect(finding(rated(999 * kN)).verdict).toBe("fails");
    const thread = { ...tilt.size.stemThread!, maximumThrustN: 999 * kN };
    expect(finding(rated(1e9), with_({ stemThread: thread })).verdict).toBe("fails");
    expect(finding(rated(null)).verdict).toBe("cannot tell");
    expect(finding(rated(1e9), with_({ stemThread: null })).verdict).toBe("cannot tell");
    expect(finding(wheel, ball).verdict).toBe("not asked");
  });
  it("turns as often as lift and lead require", () => {
    const turns = (liftMm: number) => {
      const thread = { ...tilt.size.stemThread!, leadMm: 5, liftMm };
      return verdict("wheel-turns", wheel, hand, with_({ stemThread: thread }));
    };
    const { gearRatio } = wheel.family.sizes.find((s) => s.id === wheel.sizeId) as unknown as {
      gearRatio: number;
    };
    const maximum = (defaultHouseRules().mostWheelTurns * 5) / gearRatio;
    expect([turns(maximum), turns(maximum * 1.01)]).toEqual(["holds", "tight"]);
    expect(verdict("wheel-turns", wheel, hand, with_({ stemThread: null }))).toBe("cannot tell");
  });
});

describe("a manual operator", () => {
  it("has a lever no longer than the house rule allows", () => {
    expect(verdict("lever-length", lever(750), hand)).toBe("holds");
    expect(verdict("lever-length", { ...lever(750), leverMm: 751 }, hand)).toBe("fails");
    expect(verdict("lever-length", gear, hand)).toBe("not asked");
  });
  it("reports where a pipe over the lever breaks the stem", () => {
    const limit = ball.size.maximumStemTorqueNm;
    const breaks = (limit / 800 / 2) * 1000;
    expect(verdict("lever-pipe", { ...lever(400), leverMm: breaks - 1 }, hand)).toBe("holds");
    expect(verdict("lever-pipe", { ...lever(400), leverMm: breaks + 1 }, hand)).toBe("tight");
  });
  it("stays cool enough to hold", () => {
    const verdictAt = (temperatureC: number) =>
      verdict("touch-heat", lever(400), { ...hand, cases: [{ temperatureC }] });
    expect(verdictAt(60)).toBe("holds");
    expect(verdictAt(400)).toBe("fails");
    expect(verdict("touch-heat", lever(400), { ...hand, cases: [{ temperatureC: null }] })).toBe(
      "cannot tell",
    );
  });
  it("can be locked, or is not known", () => {
    expect(verdict("lockable", named("fennimoor-lv|LV 400", { lockable: true }), hand)).toBe("holds");
    for (const lockable of [false, null])
      expect(verdict("lockable", named("fennimoor-lv|LV 400", { lockable }), hand)).toBe("tight");
    expect(verdict("lockable", gear, hand)).toBe("not asked");
  });
  it("closes in a limited number of turns", () => {
    expect(verdict("wheel-turns", { ...gear, wheelTurns: 150 }, hand)).toBe("holds");
    expect(verdict("wheel-turns", { ...gear, wheelTurns: 150.25 }, hand)).toBe("tight");
  });
  it("does not overload its gearbox at the hardest pull", () => {
    const peak = gear.outputAt({ hand: { hardestN: 800, steadyN: 360 } } as never, "highest").opening[0]!;
    expect(verdict("gearbox-rating", { ...gear, ratedTorqueNm: peak }, hand)).toBe("holds");
    expect(verdict("gearbox-rating", { ...gear, ratedTorqueNm: peak - 1 }, hand)).toBe("tight");
  });
  it("locks where flow could turn the closure", () => {
    const with_ = (selfLocking: boolean | null) => named("fennimoor-wg|WG 500", { selfLocking });
    expect(verdict("self-locking", with_(true), hand, disc)).toBe("holds");
    expect(verdict("self-locking", with_(null), hand, disc)).toBe("tight");
    expect(verdict("self-locking", with_(false), hand, disc)).toBe("fails");
    expect(verdict("self-locking", with_(false), hand, ball)).toBe("holds");
    expect(verdict("self-locking", with_(false), { ...hand, function: ["throttling"] }, ball)).toBe("fails");
  });
  it("is no emergency valve, and loses no supply", () => {
    expect(verdict("fail-action", gear, { ...hand, onSupplyLoss: null })).toBe("not asked");
    expect(verdict("fail-action", gear, { ...hand, onSupplyLoss: "closes" })).toBe("fails");
    expect(verdict("fail-action", gear, { ...hand, function: ["emergency shut-down"] })).toBe("fails");
  });
});

describe("as required", () => {
  const air = named("quillhaven-rp|RP 110|DA");
  it.each([
    ["pneumatic", air, "holds"],
    ["any", air, "holds"],
    ["any", gear, "fails"],
    ["electric", air, "fails"],
    ["by hand", gear, "holds"],
    ["bare stem", air, "fails"],
    ["bare stem", null, "not asked"],
    ["hydraulic", null, "fails"],
  ] as const)("%s with %s: %s", (operator, drive, expected) =>
    expect(verdict("stroke-kind", drive, { operator })).toBe(expected),
  );
});

describe("line gas", () => {
  const drive = named("quillhaven-go|GO 125|DA");
  const gas = (more: Change = {}) => ({ operator: "line gas", fluid: { phase: "gas" }, ...more }) as Change;
  it("vents at every stroke, and is never used where toxic", () => {
    expect(verdict("line-gas", drive, gas())).toBe("tight");
    expect(verdict("line-gas", drive, gas({ fluid: { phase: "gas", hazards: ["toxic"] } }))).toBe("fails");
  });
  it("waits for gas and its pressure in every case", () => {
    expect(verdict("line-gas", drive, gas({ fluid: { phase: "liquid" } }))).toBe("cannot tell");
    expect(verdict("line-gas", drive, gas({ cases: [{}, { upstreamBarG: null }] }))).toBe("cannot tell");
  });
  it("must not exceed the rating of the actuator", () => {
    const verdictAt = (upstreamBarG: number) =>
      verdict("supply-rating", drive, gas({ cases: [{ upstreamBarG }] }));
    expect(verdictAt(100)).toBe("holds");
    expect(verdictAt(100.1)).toBe("fails");
    expect(verdict("supply-rating", drive, gas({ cases: [{ upstreamBarG: null }] }))).toBe("cannot tell");
  });
});

describe("a motor", () => {
  it("gives its torque down to its stated voltage", () => {
    expect(verdict("voltage", onOff, motor({ lowestVoltagePercent: 85 }))).toBe("holds");
    expect(verdict("voltage", onOff, motor({ lowestVoltagePercent: 84.9 }))).toBe("fails");
    expect(verdict("voltage", named("tarrowby-el|EL 250", { lowestVoltagePercent: null }), motor())).toBe(
      "tight",
    );
  });
  it("starts no more often than its duty class allows", () => {
    const yearly = (starts: number) => motor({ strokesPerYear: (starts * 8760) / 2 });
    expect(verdict("starts-per-hour", onOff, yearly(60))).toBe("holds");
    expect(verdict("starts-per-hour", onOff, yearly(60.1))).toBe("fails");
    const silent = named("tarrowby-el|EL 250", { startsPerHour: null });
    expect(verdict("starts-per-hour", silent, yearly(1))).toBe("holds");
    expect(verdict("starts-per-hour", silent, yearly(1.1))).toBe("tight");
  });
  it("throttles only where it is made for it", () => {
    const throttling = motor({ function: ["throttling"] });
    expect(verdict("modulating", onOff, throttling)).toBe("fails");
    expect(verdict("modulating", named("tarrowby-em|EM 250"), throttling)).toBe("holds");
    expect(verdict("modulating", named("quillhaven-rp|RP 110|DA"), { function: ["throttling"] })).toBe(
      "holds",
    );
    expect(verdict("modulating", gear, { ...hand, function: ["throttling"] })).toBe("holds");
    expect(
      verdict("modulating", named("quillhaven-go|GO 125|DA"), {
        operator: "line gas",
        function: ["throttling"],
      }),
    ).toBe("fails");
  });
  it.each([
    ["indoor", "IP54", "holds"],
    ["indoor", "IP44", "fails"],
    ["outdoor", "IP65", "holds"],
    ["outdoor", "IP54", "fails"],
    ["outdoor", "IP68", "fails"],
    ["outdoor", "type 4", "holds"],
    ["outdoor", "type 12", "fails"],
    ["marine air", "IP66/IP67", "holds"],
    ["marine air", "IP65", "fails"],
    ["marine air", "type 4, 4X", "holds"],
    ["marine air", "type 4", "fails"],
    ["buried", "IP65", "holds"],
    ["outdoor", null, "tight"],
  ] as const)("%s in %s: %s", (installation, enclosure, expected) =>
    expect(verdict("enclosure", named("tarrowby-el|EL 250", { enclosure }), motor({ installation }))).toBe(
      expected,
    ),
  );
  it("has enough stored strokes", () => {
    const eh = named("quillhaven-eh|EH 100|DA");
    expect(verdict("accumulator", { ...eh, strokesLeft: 3 }, motor())).toBe("holds");
    expect(verdict("accumulator", { ...eh, strokesLeft: 2 }, motor())).toBe("tight");
    expect(verdict("accumulator", onOff, motor())).toBe("not asked");
  });
});

describe("explosive atmospheres", () => {
  const verdictFor = (rule: string, area: string | null, marking: string | null = "II 2G Ex db IIB T4 Gb") =>
    verdict(rule, named("tarrowby-el|EL 250", { marking }), { operator: "electric", area });
  it("are judged in order, one item after the other", () => {
    expect(verdictFor("area-gas", "zone 1 IIB T4")).toBe("holds");
    expect(verdictFor("area-gas", "zone 0 IIB T4")).toBe("fails");
    expect(verdictFor("area-gas-group", "zone 0 IIB T4")).toBe("not asked");
    expect(verdictFor("area-gas", "zone 1 IIC T4")).toBe("holds");
    expect(verdictFor("area-gas-group", "zone 1 IIC T4")).toBe("fails");
    expect(verdictFor("area-gas-surface", "zone 1 IIC T4")).toBe("not asked");
    expect(verdictFor("area-gas-group", "zone 1")).toBe("cannot tell");
    expect(verdictFor("area-gas-surface", "zone 1 IIB T5")).toBe("fails");
    expect(verdictFor("area-gas-surface", "zone 1 IIB")).toBe("cannot tell");
    expect(verdictFor("area-gas-surface", "zone 1 IIB T4")).toBe("holds");
  });
  it("wait for area and marking, and never take silence for suitability", () => {
    expect(verdictFor("area-gas", null)).toBe("cannot tell");
    expect(verdictFor("area-gas", "somewhere")).toBe("cannot tell");
    expect(verdictFor("area-gas", "zone 1 IIB T4", null)).toBe("cannot tell");
    expect(verdictFor("area-gas", "zone 1 IIB T4", "CE")).toBe("cannot tell");
    expect(verdictFor("area-gas", "safe", null)).toBe("not asked");
  });
  it("include dust as well as gas", () => {
    const both = "II 2G Ex db IIB T4 Gb; II 2D Ex tb IIIB T135°C Db";
    expect(verdictFor("area-dust", "zone 21 IIIB T200°C")).toBe("fails");
    expect(verdictFor("area-dust", "zone 21 IIIB T200°C", both)).toBe("holds");
    expect(verdictFor("area-dust-group", "zone 21 IIIC T200°C", both)).toBe("fails");
    expect(verdictFor("area-dust-surface", "zone 21 IIIB T130°C", both)).toBe("fails");
    expect(verdictFor("area-dust-surface", "zone 21 IIIB T135°C", both)).toBe("holds");
  });
  it("accept no zone certificate for a division, nor the reverse", () => {
    expect(verdictFor("area-gas", "Class I Div 2 Group D T3")).toBe("fails");
    expect(verdictFor("area-gas", "zone 1 IIB T3", "Class I Div 1 Groups C, D T4")).toBe("fails");
  });
  it("include heat from the line", () => {
    const surface = (temperatureC: number) =>
      findingOf(
        "duty/process-surface",
        dutyWith({ area: "zone 1 IIB T3", cases: [{ temperatureC }] }),
        ball,
        null,
      ).verdict;
    expect(surface(200)).toBe("holds");
    expect(surface(200.1)).toBe("tight");
  });
});

describe("a safety function", () => {
  const sil = (integrityLevel: Duty["integrityLevel"], more: Change = {}) =>
    ({ function: ["emergency shut-down"], onSupplyLoss: "closes", integrityLevel, ...more }) as Change;
  const spring = named("quillhaven-rp|RP 110|S5|closes");
  it("has a service factor of one and a half", () => {
    expect(verdict("integrity-factor", spring, sil("SIL 1"))).toBe("holds");
    expect(verdict("integrity-factor", spring, { integrityLevel: "SIL 1" })).toBe("fails");
  });
  it("goes to its safe end by itself", () => {
    expect(verdict("integrity-action", spring, sil("SIL 1"))).toBe("holds");
    expect(verdict("integrity-action", named("quillhaven-rp|RP 110|DA"), sil("SIL 1"))).toBe("fails");
  });
  it("fails on demand no more often than its level allows", () => {
    // 1300e-9/h × T/2 against half of a hundredth: 10.5 months.
    const verdictFor = (proofTestMonths: number, partialStrokeMonths: number | null = null) =>
      verdict("integrity-demand", spring, sil("SIL 2", { proofTestMonths, partialStrokeMonths }));
    const limit = (0.005 * 2) / 1300e-9 / 730;
    expect(verdictFor(Math.floor(limit))).toBe("holds");
    expect(verdictFor(Math.ceil(limit))).toBe("fails");
    expect(verdictFor(Math.ceil(limit), 3)).toBe("holds");
    // Partial strokes seldomer than the proof test find nothing.
    expect(verdictFor(Math.ceil(limit), 24)).toBe("fails");
  });
  it("needs a second valve at the third level", () => {
    expect(verdict("integrity-channels", spring, sil("SIL 2"))).toBe("holds");
    expect(verdict("integrity-channels", spring, sil("SIL 3"))).toBe("tight");
  });
});
