import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../../test/demo.ts";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import { defaultHouseRules } from "../../../basis/house/house-rules.ts";
import { enduranceOf } from "../../../basis/reference/endurance.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";

const house = defaultHouseRules();
const valve = shelfWith().valvesFor(50)[0]!;
const drivesOf = (id: string) => demoShelf.families.find((f) => f.family.id === id)!.drives;
const verdict = (drive: Drive | null, strokesPerYear: number, change: object = {}) =>
  findingOf("drive/drive-life", dutyWith({ operator: "any", strokesPerYear, ...change }), valve, drive)
    .verdict;

describe("the endurance of an actuator", () => {
  it("falls with its torque class", () => {
    expect([125, 126, 1001, 2001, 8001, 40_000].map((nm) => enduranceOf("cylinder", nm).cycles)).toEqual([
      500_000, 250_000, 100_000, 25_000, 10_000, 5000,
    ]);
    expect(enduranceOf("motor", 200)).toEqual({ cycles: 10_000, starts: 1_200_000 });
  });
  it("has a band above what the class is tested for", () => {
    const [small] = drivesOf("quillhaven-rp");
    expect(verdict(small!, 500_000 / 3)).toBe("holds");
    expect(verdict(small!, 500_001 / 3)).toBe("tight");
    expect(verdict(small!, 1_000_001 / 3)).toBe("fails");
    const large = drivesOf("quillhaven-sy").at(-1)!;
    expect(verdict(large, 500_000 / 3)).toBe("fails");
  });
  it("counts the starts of a loop where a motor modulates", () => {
    const modulating = drivesOf("tarrowby-em")[0]!;
    const throttling = { function: ["throttling"] };
    expect(verdict(modulating, 1, throttling)).toBe("holds");
    const hunting = { ...house, loopStartsPercent: 100 };
    expect(
      findingOf(
        "drive/drive-life",
        dutyWith({ operator: "electric", ...throttling } as never),
        valve,
        modulating,
        hunting,
      ).verdict,
    ).toBe("fails");
    expect(verdict(drivesOf("tarrowby-el")[0]!, 10_001 / 3)).toBe("tight");
    expect(verdict(null, 1)).toBe("not asked");
  });
});
