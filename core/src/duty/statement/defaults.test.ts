import { describe, expect, it } from "vitest";
import { dutyWith } from "../../../test/fixture.ts";
import { dutyDefaultsSchema, noDefaults, withDefaults } from "./defaults.ts";
import { emptyDuty } from "./duty.ts";

const plant = {
  ...noDefaults,
  operator: "pneumatic",
  airMinimumBarG: 5,
  airMaximumBarG: 7,
  ambientMinimumC: -20,
} as const;

describe("a project's defaults", () => {
  it("fill blanks of a duty, and replace nothing stated", () => {
    const { duty, filled } = withDefaults({ ...emptyDuty, operator: "electric" }, plant);
    expect(duty).toMatchObject({
      operator: "electric",
      airMinimumBarG: 5,
      airMaximumBarG: 7,
      ambientMinimumC: -20,
      area: null,
    });
    expect(filled).toEqual(["Lowest air supply", "Highest air supply", "Lowest ambient"]);
  });
  it("leave a range with one end stated alone", () => {
    expect(withDefaults({ ...emptyDuty, airMinimumBarG: 8 }, plant).duty).toMatchObject({
      airMinimumBarG: 8,
      airMaximumBarG: null,
    });
  });
  it("that are empty change nothing", () => {
    const duty = dutyWith({});
    expect(withDefaults(duty, noDefaults)).toEqual({ duty, filled: [] });
  });
  it("follow the order of their range and use their own units", () => {
    expect(dutyDefaultsSchema().safeParse({ airMinimumBarG: 7, airMaximumBarG: 5 }).success).toBe(false);
    expect(dutyDefaultsSchema().safeParse({ ambientMinimumC: -300 }).success).toBe(false);
    expect(dutyDefaultsSchema().safeParse({ dn: 50 }).success).toBe(false);
  });
});
