import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../../test/demo.ts";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import { defaultHouseRules } from "../../../basis/house/house-rules.ts";
import type { Duty } from "../../../duty/statement/duty.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";

const [first] = shelfWith().valvesFor(50);
const ofExtension = (stemExtension: boolean) => ({ ...first!, line: { ...first!.line, stemExtension } });
const [plain, extended] = [ofExtension(false), ofExtension(true)];
const driveOf = (supply: string) => demoShelf.families.find((f) => f.supply === supply)!.drives[0]!;
const with_ = (drive: Drive, change: Partial<Drive["family"]>): Drive => ({
  ...drive,
  family: { ...drive.family, ...change },
});
const standard = { lowTemperature: false, highTemperature: false };
const [air, motor] = [with_(driveOf("pneumatic"), standard), with_(driveOf("electric"), standard)];
const marking = "II 2G Ex db IIB T4 Gb";
const marked = with_(motor, { marking });
const inGas = (change: Parameters<typeof dutyWith>[0] = {}) =>
  dutyWith({ operator: "electric", area: "zone 1 IIB T3", ...change });
const verdict = (rule: string, duty: Duty, drive: Drive | null, valve = plain) =>
  findingOf(`drive/${rule}`, duty, valve, drive).verdict;

describe("an actuator", () => {
  const weather = (ambientMinimumC: number, ambientMaximumC: number) =>
    dutyWith({ ambientMinimumC, ambientMaximumC, cases: [{ temperatureC: 20 }] });
  it("of a cylinder is judged by its seals, of a motor by its electronics", () => {
    expect(verdict("drive-temperature", weather(0, 60), motor)).toBe("holds");
    expect(verdict("drive-temperature", weather(0, 61), motor)).toBe("fails");
    expect(verdict("drive-temperature", weather(0, 61), air)).toBe("holds");
    const low = { lowTemperature: true };
    expect(verdict("drive-temperature", weather(-40, 20), with_(motor, low))).toBe("tight");
    expect(verdict("drive-temperature", weather(-41, 20), with_(motor, low))).toBe("fails");
    expect(verdict("drive-temperature", weather(-50, 20), with_(air, low))).toBe("tight");
  });
});

describe("the certificate of a motor", () => {
  it("covers −20…40 °C unless it states another range", () => {
    const cool = { cases: [{ temperatureC: 20 }] };
    expect(verdict("area-ambient", inGas({ ambientMaximumC: 40, ...cool }), marked)).toBe("holds");
    expect(verdict("area-ambient", inGas({ ambientMaximumC: 41, ...cool }), marked)).toBe("fails");
    expect(verdict("area-ambient", inGas({ ambientMinimumC: -20, ...cool }), marked)).toBe("holds");
    expect(verdict("area-ambient", inGas({ ambientMinimumC: -21, ...cool }), marked)).toBe("fails");
    const wide = with_(motor, { marking: `${marking}; Ta -40 °C to +60 °C` });
    expect(verdict("area-ambient", inGas({ ambientMinimumC: -40, ambientMaximumC: 60, ...cool }), wide)).toBe(
      "holds",
    );
    expect(
      verdict("area-ambient", inGas(cool), with_(motor, { marking: `${marking} Ta by agreement` })),
    ).toBe("cannot tell");
  });
  it("is reached by the heat of the line, less behind an extension", () => {
    const hot = inGas({ ambientMaximumC: 30, cases: [{ temperatureC: 130 }] });
    expect(verdict("area-ambient", hot, marked)).toBe("fails");
    expect(verdict("area-ambient", hot, marked, extended)).toBe("holds");
  });
  it("does not matter without a motor, and waits for others to name area and marking", () => {
    expect(verdict("area-ambient", inGas(), null)).toBe("not asked");
    expect(verdict("area-ambient", dutyWith({ operator: "any", area: "zone 1 IIB T3" }), air)).toBe(
      "not asked",
    );
    expect(verdict("area-ambient", inGas({ area: null }), marked)).toBe("not asked");
    expect(verdict("area-ambient", inGas(), with_(motor, { marking: null }))).toBe("not asked");
  });
});

describe("accessories", () => {
  const at = (temperatureC: number, ambientMaximumC = 30, area = "safe") =>
    dutyWith({
      function: ["throttling"],
      ambientMaximumC,
      area,
      cases: [{ temperatureC, phase: "liquid" }],
    });
  it("are reached by a third of the heat at the actuator", () => {
    const cylinder = demoShelf.families.find((f) => f.family.id === "quillhaven-rp")!.drives[0]!;
    const found = findingOf("drive/fittings-heat", at(330), plain, cylinder);
    expect((found as { value?: unknown }).value).toBeCloseTo(30 + 0.15 * 0.33 * 300, 6);
    expect(found.verdict).toBe("holds");
    expect(verdict("fittings-heat", at(640), cylinder)).toBe("fails");
    expect(verdict("fittings-heat", at(640), cylinder, extended)).toBe("holds");
    expect(verdict("fittings-heat", at(640), null)).toBe("not asked");
  });
  it("are limited by their certificate too, unless the area is safe", () => {
    const cylinder = demoShelf.families.find((f) => f.family.id === "quillhaven-rp")!.drives[0]!;
    const marked = demoShelf.accessories.map((family) =>
      family.marking === null ? family : { ...family, marking: "Ex db IIC T6 Gb" },
    );
    const judged = (duty: Duty) =>
      findingOf("drive/fittings-heat", duty, plain, cylinder, defaultHouseRules(), marked).verdict;
    expect(judged(at(330))).toBe("holds");
    expect(judged(at(330, 30, "zone 1 IIB T3"))).toBe("fails");
    expect(judged({ ...at(330), area: null })).toBe("cannot tell");
    expect(judged({ ...at(640), area: null })).toBe("fails");
  });
});
