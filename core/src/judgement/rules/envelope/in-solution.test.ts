import { describe, expect, it } from "vitest";
import { dutyWith, findingOn, shelfWith } from "../../../../test/fixture.ts";
import type { Finding } from "../found.ts";

const made = (metal: string) =>
  shelfWith((line) => ({ ...line, trims: [{ ...line.trims[0]!, ball: metal, stem: metal, coating: null }] }));
const solution = (
  substance: string | null,
  strengthPercent: number | null,
  temperatureC: number | null,
  more: Record<string, unknown> = {},
) =>
  dutyWith({
    fluid: { substance, family: null, strengthPercent, ...more } as never,
    cases: [{ temperatureC: temperatureC as number }],
  });
const on = (metal: string, duty: ReturnType<typeof dutyWith>): Finding =>
  findingOn("envelope/trim-chemistry", { shelf: made(metal), duty });

describe("a metal in a solution", () => {
  it.each([
    ["sulphuric-acid-solution", "austenitic 316", 98, 40, "holds"],
    ["sulphuric-acid-solution", "austenitic 316", 98, 40.1, "tight"],
    ["sulphuric-acid-solution", "austenitic 316", 98, 60.1, "fails"],
    ["sulphuric-acid-solution", "austenitic 316", 30, 20, "fails"],
    ["sulphuric-acid-solution", "austenitic 316", 5, 25, "holds"],
    ["sulphuric-acid-solution", "austenitic 316", 5.1, 25, "tight"],
    ["sulphuric-acid-solution", "carbon steel", 98, 30, "tight"],
    ["sulphuric-acid-solution", "carbon steel", 50, 20, "fails"],
    ["sulphuric-acid-solution", "titanium", 98, 20, "fails"],
    ["sulphuric-acid-solution", "zirconium", 60, 80, "holds"],
    ["sulphuric-acid-solution", "zirconium", 80, 20, "fails"],
    ["hydrochloric-acid", "austenitic 316", 1, 20, "fails"],
    ["hydrochloric-acid", "zirconium", 30, 60, "holds"],
    ["nitric-acid", "austenitic 316", 60, 40, "holds"],
    ["nitric-acid", "alloy 400", 10, 20, "fails"],
    ["hydrofluoric-acid", "titanium", 1, 20, "fails"],
    ["hydrofluoric-acid", "alloy 400", 40, 40, "holds"],
    ["acetic-acid", "austenitic 316", 100, 60, "holds"],
    ["caustic-soda", "alloy 400", 50, 120, "holds"],
    ["sodium-hypochlorite", "austenitic 316", 5, 20, "fails"],
    ["sodium-hypochlorite", "titanium", 13, 40, "holds"],
    ["hydrogen-peroxide", "carbon steel", 30, 20, "fails"],
  ])("%s: %s at %d % and %d °C %s", (substance, metal, percent, c, verdict) => {
    const finding = on(metal, solution(substance, percent, c));
    expect(finding.verdict, finding.says).toBe(verdict);
    expect(finding.uses.map(({ what }) => what)).toContain("mechanism");
  });
  it("names the mechanism where it does not hold, and not where it does", () => {
    expect(on("austenitic 316", solution("hydrochloric-acid", 10, 20)).says).toBe(
      "austenitic 316 does not resist the fluid at this strength. Mechanism: pitting, general corrosion and stress cracking.",
    );
    expect(on("zirconium", solution("hydrochloric-acid", 10, 20)).says).not.toMatch(/Mechanism/);
  });
  it("waits for a strength that decides, and judges without it where none does", () => {
    expect(on("austenitic 316", solution("sulphuric-acid-solution", null, 20))).toMatchObject({
      verdict: "cannot tell",
      missing: "strength of the solution",
    });
    expect(on("austenitic 316", solution("hydrochloric-acid", null, 20)).verdict).toBe("fails");
    expect(on("alloy 400", solution("caustic-soda", null, 40)).verdict).toBe("tight");
  });
  it("takes the strength that the name of a substance stands for, and both where they contradict", () => {
    expect(on("carbon steel", solution("sulphuric-acid", null, 30)).verdict).toBe("tight");
    expect(on("carbon steel", solution("sulphuric-acid", 30, 30)).verdict).toBe("fails");
    expect(on("austenitic 316", solution("sulphuric-acid", 5, 20)).verdict).toBe("holds");
    expect(on("alloy 825", solution("sulphuric-acid", 30, 58)).verdict).toBe("tight");
  });
  it("never holds without the temperature of a case that carries the fluid", () => {
    expect(on("zirconium", solution("hydrochloric-acid", 10, null))).toMatchObject({
      verdict: "cannot tell",
      missing: expect.stringMatching(/^temperature/),
    });
    const partly = dutyWith({
      fluid: { substance: "hydrochloric-acid", family: null, strengthPercent: 10 },
      cases: [{ temperatureC: 20 }, { id: "x", name: "hot day", temperatureC: null }],
    });
    expect(on("zirconium", partly)).toMatchObject({
      verdict: "cannot tell",
      missing: "temperature of hot day",
    });
    expect(on("austenitic 316", partly).verdict).toBe("fails");
  });
  it("leaves steam-out and fire out, which do not bring the acid", () => {
    const steamed = (kind: "steam-out" | "upset") =>
      on(
        "alloy 20",
        dutyWith({
          fluid: { substance: "sulphuric-acid", family: null },
          cases: [{ temperatureC: 40 }, { id: "x", kind, temperatureC: 150 }],
        }),
      ).verdict;
    expect(steamed("steam-out")).toBe("holds");
    expect(steamed("upset")).toBe("fails");
  });
  it("judges acid gases dry and wet, and waits where free water decides", () => {
    const dioxide = (freeWater: boolean | null) =>
      on("carbon steel", solution("sulphur-dioxide", null, 40, { freeWater }));
    expect(dioxide(false).verdict).toBe("holds");
    expect(dioxide(true).verdict).toBe("fails");
    expect(dioxide(null)).toMatchObject({
      verdict: "cannot tell",
      missing: "free water (dry or wet sulphur dioxide)",
    });
  });
});

describe("the service family", () => {
  const byFamily = (family: string, metal: string) =>
    on(metal, dutyWith({ fluid: { family }, cases: [{ temperatureC: 30 }] }));
  it("is a last resort for acids, and says so", () => {
    expect(byFamily("oxidising acid", "titanium")).toMatchObject({
      verdict: "tight",
      says: expect.stringContaining("last resort"),
    });
    expect(byFamily("strong mineral acid", "titanium")).toMatchObject({
      verdict: "cannot tell",
      missing: "substance of the fluid, and its strength",
    });
    expect(byFamily("strong mineral acid", "carbon steel").verdict).toBe("fails");
    expect(byFamily("sweet hydrocarbon liquid", "carbon steel").verdict).toBe("holds");
  });
  it("is no last resort where only one fluid of it is a solution", () => {
    expect(byFamily("sour hydrocarbon", "6Mo austenitic").verdict).toBe("holds");
  });
  it("of one solution is judged by its strength", () => {
    expect(byFamily("caustic", "titanium")).toMatchObject({ missing: "strength of the solution" });
  });
});
