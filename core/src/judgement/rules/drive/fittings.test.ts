import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../../test/demo.ts";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import { defaultHouseRules, type HouseRules } from "../../../basis/house/house-rules.ts";
import type { AccessoryFamily } from "../../../equipment/accessories/kinds.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";
import { prover } from "../../proof/prover.ts";

const shelf = shelfWith();
const valve = shelf.valvesFor(50)[0]!;
const named = (key: string): Drive => shelf.families.flatMap((f) => f.drives).find((d) => d.key === key)!;
const sprung = named("rp|RP 120|S4|closes");
const both = named("rp|RP 120|DA");
const motor = named("el|EL 150");
const { accessories } = demoShelf;
const only = (id: string, change: object = {}): AccessoryFamily[] =>
  accessories.filter((a) => a.id === id).map((a) => ({ ...a, ...change }) as AccessoryFamily);
type Change = NonNullable<Parameters<typeof dutyWith>[0]>;
const found = (
  rule: string,
  change: Change = {},
  { drive = sprung as Drive | null, from = accessories, rules = {} as Partial<HouseRules> } = {},
) => findingOf(`drive/${rule}`, dutyWith(change), valve, drive, { ...defaultHouseRules(), ...rules }, from);
const safe = { area: "safe", installation: "indoor" } as const;
const item = (finding: ReturnType<typeof found>, kind: string) =>
  finding.uses.find((u) => u.what === kind)?.value;

describe("a solenoid valve", () => {
  it("is the cheapest that fits", () => {
    const finding = found("solenoid-valve", safe);
    expect(finding.verdict).toBe("holds");
    expect(item(finding, "solenoid valve")).toBe("Osmere Flow YV 5/2 1/4 24 V DC");
  });
  it("is 3/2 where springs breathe ambient air, and 5/2 on both sides otherwise", () => {
    const rules = { springSideAir: "plant air" } as const;
    expect(item(found("solenoid-valve", safe, { rules }), "solenoid valve")).toContain("3/2");
    expect(item(found("solenoid-valve", safe, { rules, drive: both }), "solenoid valve")).toContain("5/2");
  });
  it("is counted by its arrangement", () => {
    expect(item(found("solenoid-valve", { ...safe, solenoids: "2oo3" }), "pieces")).toBe(3);
  });
  it("has the available voltage", () => {
    expect(item(found("solenoid-valve", { ...safe, coilVoltage: "230 V AC" }), "solenoid valve")).toContain(
      "230 V AC",
    );
    expect(found("solenoid-valve", { ...safe, coilVoltage: "48 V DC" })).toMatchObject({ verdict: "fails" });
  });
  it("is marked for the area, or waits for its maker", () => {
    const from = only("tarrowby-sv");
    const verdictFor = (area: string, change: object = {}) =>
      found("solenoid-valve", { area }, { from: only("tarrowby-sv", change) }).verdict;
    expect(verdictFor("zone 1 IIC T5")).toBe("holds");
    expect(verdictFor("zone 0 IIC T5")).toBe("fails");
    expect(verdictFor("zone 1 IIC T6")).toBe("fails");
    expect(verdictFor("zone 1 IIB T3 / zone 21 IIIB T135°C")).toBe("holds");
    expect(verdictFor("zone 1 IIB T3 / zone 21 IIIB T135°C", { marking: "II 2G Ex db IIC T5 Gb" })).toBe(
      "fails",
    );
    expect(verdictFor("Class I Div 1 Group B T5")).toBe("holds");
    expect(verdictFor("Class I Div 1 Group A T5")).toBe("fails");
    expect(verdictFor("zone 1 IIC T5", { marking: null })).toBe("cannot tell");
    expect(verdictFor("zone 1 IIC T5", { marking: "as ordered" })).toBe("cannot tell");
    expect(found("solenoid-valve", { area: null }, { from }).verdict).toBe("tight");
    expect(found("solenoid-valve", { area: "by the tanks" }, { from }).verdict).toBe("tight");
  });
  it("has the enclosure for the place, and withstands its temperatures and air pressure", () => {
    const verdictFor = (change: Change, more: object = {}) =>
      found("solenoid-valve", { ...safe, ...change }, { from: only("tarrowby-sv", more) }).verdict;
    expect(verdictFor({ installation: "marine air" })).toBe("holds");
    expect(verdictFor({ installation: "marine air" }, { enclosure: "IP65" })).toBe("fails");
    expect(verdictFor({}, { enclosure: null })).toBe("cannot tell");
    expect(verdictFor({ ambientMinimumC: -20 }, { lowTemperature: false })).toBe("holds");
    expect(verdictFor({ ambientMinimumC: -20.1 }, { lowTemperature: false })).toBe("fails");
    expect(verdictFor({ ambientMinimumC: -20.1 }, { lowTemperature: null })).toBe("cannot tell");
    expect(verdictFor({ ambientMinimumC: -20.1 }, { lowTemperature: true })).toBe("holds");
    expect(verdictFor({ ambientMaximumC: 60 }, { highTemperature: false })).toBe("holds");
    expect(verdictFor({ ambientMaximumC: 60.1 }, { highTemperature: false })).toBe("fails");
    expect(verdictFor({ airMaximumBarG: 10 })).toBe("holds");
    expect(verdictFor({ airMaximumBarG: 10.1 })).toBe("fails");
  });
  it("is not asked where the shelf has none, for a motor, for a bare stem, or with a positioner", () => {
    expect(found("solenoid-valve", safe, { from: [] }).verdict).toBe("not asked");
    expect(found("solenoid-valve", { ...safe, operator: "any" }, { drive: motor }).verdict).toBe("not asked");
    expect(found("solenoid-valve", safe, { drive: null }).verdict).toBe("not asked");
    expect(found("solenoid-valve", { ...safe, function: ["throttling"] }).verdict).toBe("not asked");
  });
  it("cannot be told where the shelf has other items only", () => {
    expect(found("solenoid-valve", safe, { from: only("tarrowby-fr") }).verdict).toBe("cannot tell");
  });
});

describe("other accessories", () => {
  it("include a filter-regulator for the air pressure", () => {
    expect(found("filter-regulator", { airMaximumBarG: 16 }).verdict).toBe("holds");
    expect(
      found("filter-regulator", {}, { from: only("tarrowby-fr", { lowTemperature: null }) }).verdict,
    ).toBe("holds");
    const weak = only("tarrowby-fr").map((f) => ({
      ...f,
      items: f.items.map((item) => ({ ...item, maximumAirBarG: 7 })),
    })) as AccessoryFamily[];
    expect(found("filter-regulator", { airMaximumBarG: 7.1 }, { from: weak }).verdict).toBe("fails");
    expect(found("filter-regulator", { airMaximumBarG: 7 }, { from: weak }).verdict).toBe("holds");
  });
  it("include a positioner for its signal and its sides", () => {
    const throttles = { ...safe, function: ["throttling"] } as Change;
    const findingFor = (change: Change, drive = sprung) =>
      found("positioner", { ...throttles, ...change }, { drive });
    expect(item(findingFor({}), "positioner")).toBe("Tarrowby Controls PO A1");
    expect(item(findingFor({}, both), "positioner")).toBe("Tarrowby Controls PO A2");
    expect(item(findingFor({ controlSignal: "0.2–1 bar" }), "positioner")).toBe("Osmere Flow PP 1");
    expect(item(findingFor({ controlSignal: "digital bus" }), "positioner")).toBe("Tarrowby Controls PO B1");
    expect(findingFor({ airMaximumBarG: 8 }).verdict).toBe("holds");
    expect(findingFor({ airMaximumBarG: 8.1 }).verdict).toBe("fails");
    expect(findingFor({ operator: "any" }, motor).verdict).toBe("not asked");
  });
  it("include two limit switches, except on a motor", () => {
    const asked = { ...safe, limitSwitches: true } as Change;
    expect(found("limit-switches", asked).verdict).toBe("holds");
    const accessoryFamilies = only("tarrowby-ls").map((f) => ({
      ...f,
      items: f.items.map((i) => ({ ...i, switches: 1 })),
    })) as AccessoryFamily[];
    expect(found("limit-switches", asked, { from: accessoryFamilies }).verdict).toBe("fails");
    expect(found("limit-switches", { ...asked, operator: "any" }, { drive: motor }).verdict).toBe(
      "not asked",
    );
  });
  it("include a device that measures partial strokes", () => {
    const asked = { ...safe, partialStrokeMonths: 3 } as Change;
    expect(found("partial-stroke-device", { ...asked, airMaximumBarG: 8 }).verdict).toBe("holds");
    expect(found("partial-stroke-device", { ...asked, airMaximumBarG: 8.1 }).verdict).toBe("fails");
  });
  it("include stops with the range of the house rule", () => {
    const verdictFor = (stopsDegrees: number | null) =>
      found("travel-stops", {}, { drive: { ...sprung, family: { ...sprung.family, stopsDegrees } } }).verdict;
    expect([verdictFor(5), verdictFor(4.9), verdictFor(null)]).toEqual(["holds", "tight", "tight"]);
    expect(found("travel-stops", {}, { drive: null }).verdict).toBe("not asked");
    const lever = demoShelf.families.flatMap((f) => f.drives).find((d) => d.family.kind === "lever")!;
    expect(found("travel-stops", { operator: "by hand" }, { drive: lever }).verdict).toBe("not asked");
  });
  it("include a manual override, where asked for", () => {
    const verdictFor = (handOverride: boolean | null) =>
      found(
        "hand-override",
        { handOverride: true },
        {
          drive: { ...motor, family: { ...motor.family, handOverride } },
        },
      ).verdict;
    expect([verdictFor(true), verdictFor(false), verdictFor(null)]).toEqual([
      "holds",
      "fails",
      "cannot tell",
    ]);
  });
});

describe("everything mounted", () => {
  it("is listed once, for any air arrangement and any times", () => {
    const functions = [["throttling"], ["throttling", "emergency shut-down"], ["on-off isolation"]] as const;
    for (const does of functions)
      for (const closesWithinS of [null, 3600, 0.1]) {
        const duty = dutyWith({ ...safe, function: [...does], closesWithinS, limitSwitches: true });
        const [best] = prover(duty, demoShelf, defaultHouseRules()).candidates();
        const kinds = best!.fitted.map(({ kind }) => kind);
        expect(new Set(kinds).size, `${does} ${closesWithinS}: ${kinds}`).toBe(kinds.length);
        expect(kinds.includes("positioner")).toBe(does[0] === "throttling");
      }
  });
});

describe("strokes after loss of supply", () => {
  const asked = (strokesInReserve: number, more: Change = {}): Change => ({ strokesInReserve, ...more });
  it("are one for a spring", () => {
    expect(found("strokes-in-reserve", asked(1)).verdict).toBe("holds");
    expect(found("strokes-in-reserve", asked(2)).verdict).toBe("fails");
  });
  it("are none for a motor without springs, and the stored ones of an accumulator", () => {
    const verdictFor = (strokesLeft?: number) =>
      found("strokes-in-reserve", asked(3, { operator: "electric" }), {
        drive: { ...motor, ...(strokesLeft !== undefined && { strokesLeft }) },
      }).verdict;
    expect([verdictFor(), verdictFor(2), verdictFor(3)]).toEqual(["fails", "fails", "holds"]);
  });
  it("are those of a volume tank: the remaining pressure still turns the valve", () => {
    const finding = found("strokes-in-reserve", asked(2), { drive: both });
    expect(finding.verdict).toBe("holds");
    const { value, limit } = finding as { value: number; limit: number };
    expect(limit).toBeGreaterThanOrEqual(value);
    const bottle = (litres: number) =>
      only("quillhaven-bt", { items: [{ id: "x", litres, maximumAirBarG: 11, weightKg: 1, price: 1 }] });
    const verdictFor = (litres: number) =>
      found("strokes-in-reserve", asked(2), { drive: both, from: bottle(litres) }).verdict;
    expect([verdictFor(value), verdictFor(value * 0.999)]).toEqual(["holds", "fails"]);
    const more = found("strokes-in-reserve", asked(4), { drive: both }) as { value: number };
    expect(more.value).toBeGreaterThan(value);
  });
  it("are none where the lowest air has no reserve, and cannot be told without a tank on the shelf", () => {
    const weak = asked(1, { airMinimumBarG: 1, cases: [{ upstreamBarG: 50 }] });
    expect(found("strokes-in-reserve", weak, { drive: both }).verdict).toBe("fails");
    expect(found("strokes-in-reserve", asked(1), { drive: both, from: [] }).verdict).toBe("cannot tell");
  });
});
