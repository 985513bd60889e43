import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../../test/demo.ts";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import { readDutyClass } from "../../../equipment/drives/by-motor.ts";
import type { AnyFamily, Drive } from "../../../equipment/drives/kind.ts";

const valve = shelfWith().valvesFor(50)[0]!;
const motor = demoShelf.families.flatMap((f) => f.drives).find((d) => d.key === "tarrowby-el|EL 250")!;
const air = demoShelf.families.flatMap((f) => f.drives).find((d) => d.family.id === "quillhaven-rp")!;
const motorWith = (change: object, drive: object = {}): Drive => ({
  ...motor,
  ...drive,
  family: { ...motor.family, ...change } as AnyFamily,
});
type Change = NonNullable<Parameters<typeof dutyWith>[0]>;
const found = (rule: string, drive: Drive | null = motor, change: Change = {}) =>
  findingOf(`drive/${rule}`, dutyWith({ operator: "electric", ...change }), valve, drive);
const verdict = (...parameters: Parameters<typeof found>) => found(...parameters).verdict;
const throttling = { function: ["throttling"] } as Change;

describe("a motor", () => {
  it("is wound for its supply", () => {
    expect(verdict("motor-supply", motor, { motorSupply: "480 V 3~" })).toBe("holds");
    expect(verdict("motor-supply", motor, { motorSupply: "690 V 3~" })).toBe("fails");
    expect(verdict("motor-supply", motorWith({ motorSupplies: null }))).toBe("cannot tell");
    expect(verdict("motor-supply", motorWith({ motorSupplies: ["400 V 3~"] }))).toBe("holds");
  });
  it("draws no higher starting current than allowed", () => {
    const size = motor.family.sizes.find(({ id }) => id === motor.sizeId)!;
    const { startingCurrentA: draws } = size as unknown as { startingCurrentA: number };
    expect(found("starting-current", motor, { startingCurrentA: draws })).toMatchObject({
      verdict: "holds",
      value: draws,
      unit: "A",
    });
    expect(verdict("starting-current", motor, { startingCurrentA: 0.99 * draws })).toBe("fails");
    const silent = motorWith({ sizes: [{ ...size, startingCurrentA: null }] });
    expect(verdict("starting-current", silent, { startingCurrentA: 99 })).toBe("cannot tell");
  });
  it("runs for as long as its class allows: one full cycle at its slowest", () => {
    // Fifteen minutes are two strokes of 375 s with a fifth on top.
    expect(verdict("duty-class", motorWith({}, { strokeSeconds: 375 }))).toBe("holds");
    expect(verdict("duty-class", motorWith({}, { strokeSeconds: 376 }))).toBe("fails");
    expect(verdict("duty-class", motorWith({}, { strokeSeconds: null }))).toBe("cannot tell");
    expect(verdict("duty-class", motor, throttling)).toBe("fails");
    expect(verdict("duty-class", motorWith({ dutyClass: null }))).toBe("tight");
  });
  it("runs for the duty cycle its function needs", () => {
    const s4 = (percent: number) => motorWith({ dutyClass: `S4-${percent} %` });
    expect([30, 29].map((p) => verdict("duty-class", s4(p)))).toEqual(["holds", "tight"]);
    expect([75, 74].map((p) => verdict("duty-class", s4(p), throttling))).toEqual(["holds", "fails"]);
  });
  it("of a throttling valve starts for each correction, whatever the strokes a year", () => {
    const rated = (startsPerHour: number) => motorWith({ startsPerHour });
    expect(verdict("starts-per-hour", rated(600), throttling)).toBe("holds");
    expect(verdict("starts-per-hour", rated(599), throttling)).toBe("fails");
    expect(verdict("starts-per-hour", motorWith({ startsPerHour: null }), throttling)).toBe("tight");
    expect(verdict("starts-per-hour", rated(599))).toBe("holds");
  });
  it("has a heater outdoors, and torque switches", () => {
    const heated = (heater: boolean | null) =>
      verdict("motor-heater", motorWith({ heater }), { installation: "outdoor" });
    expect([heated(true), heated(false), heated(null)]).toEqual(["holds", "tight", "tight"]);
    const saved = (torqueSwitches: boolean | null, thermalCutOut: boolean | null) =>
      verdict("motor-protection", motorWith({ torqueSwitches, thermalCutOut }));
    expect([saved(true, true), saved(true, null), saved(false, true), saved(null, null)]).toEqual([
      "holds",
      "tight",
      "tight",
      "tight",
    ]);
  });
  it("is not asked about where air turns the valve, or for a bare stem", () => {
    for (const rule of ["motor-supply", "starting-current", "duty-class", "motor-heater", "motor-protection"])
      for (const drive of [air, null])
        expect(
          verdict(rule, drive, { operator: "any", startingCurrentA: 10, installation: "outdoor" }),
          rule,
        ).toBe("not asked");
  });
});

describe("a duty class", () => {
  it.each([
    ["S2-15 min", { minutes: 15 }],
    ["S2 30min", { minutes: 30 }],
    ["S4-25 %", { percent: 25 }],
    ["S4 75%", { percent: 75 }],
  ])("%s is read", (text, read) => expect(readDutyClass(text)).toEqual(read));
  it.each(["", "S2", "S4-25", "S3-25 %", "15 min", "S2-15 min S4-25 %"])("%j is not guessed at", (text) =>
    expect(readDutyClass(text)).toBeNull(),
  );
});
