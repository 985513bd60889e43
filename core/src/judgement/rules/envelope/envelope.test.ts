import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tries } from "../../../../test/effort.ts";
import { dutyWith, findingOn, type Setting, shelfWith } from "../../../../test/fixture.ts";
import { gravest, gravityOf } from "../finding.ts";

const dutyAt = (upstreamBarG: number | null, temperatureC: number | null, more = {}) =>
  dutyWith({ cases: [{ upstreamBarG, temperatureC, ...more }] });
const verdict = (...args: Parameters<typeof findingOn>) => findingOn(...args).verdict;

describe("body rating", () => {
  it("holds, is tight inside the house margin, fails above the limit, and lets equality pass", () => {
    // Class 300, group 1.1, 38 °C: 51.1 bar g.
    expect(verdict("envelope/body-class", { duty: dutyAt(40, 38) })).toBe("holds");
    expect(verdict("envelope/body-class", { duty: dutyAt(50, 38) })).toBe("tight");
    expect(verdict("envelope/body-class", { duty: dutyAt(51.1, 38) })).toBe("tight");
    expect(verdict("envelope/body-class", { duty: dutyAt(51.2, 38) })).toBe("fails");
  });
  it("fails above the end of the table without inventing a limit", () => {
    expect(findingOn("envelope/body-class", { duty: dutyAt(1, 540) })).toMatchObject({
      verdict: "fails",
      limit: null,
    });
  });
  it("names the governing case and keeps every case", () => {
    const duty = dutyWith({ cases: [{}, { upstreamBarG: 44, temperatureC: 200 }, { upstreamBarG: 5 }] });
    const finding = findingOn("envelope/body-class", { duty });
    expect(finding).toMatchObject({ verdict: "fails", caseName: "case 2", value: 44, limit: 43.8 });
    expect(finding.byCase.map((c) => c.verdict)).toEqual(["holds", "fails", "holds"]);
  });
  it("cannot tell a case without pressure or temperature, and names it", () => {
    expect(findingOn("envelope/body-class", { duty: dutyAt(null, 38) })).toMatchObject({
      verdict: "cannot tell",
      missing: "pressure of case 1",
    });
    expect(findingOn("envelope/body-class", { duty: dutyAt(10, null) })).toMatchObject({
      verdict: "cannot tell",
      missing: "temperature of case 1",
    });
    expect(findingOn("envelope/body-class", { duty: dutyWith({ cases: [] }) })).toMatchObject({
      verdict: "cannot tell",
      missing: "operating cases",
    });
  });
  it("lets a failing case outweigh an unknown one", () => {
    const duty = dutyWith({ cases: [{ temperatureC: null }, { upstreamBarG: 60 }] });
    expect(verdict("envelope/body-class", { duty })).toBe("fails");
  });
  it("leaves fire to the fire-safe rule", () => {
    expect(
      verdict("envelope/body-class", { duty: dutyWith({ cases: [{ kind: "fire", temperatureC: 900 }] }) }),
    ).toBe("not asked");
  });
  it("never turns fails into anything better as pressure or temperature rises", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 38, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (p, t, more) => {
          // Beyond the seat's range its limit is silent and its range rule applies.
          for (const ruleNames of [["body-class"], ["seat-limit", "seat-temperature"]]) {
            const countFor = (duty: Setting["duty"]) =>
              gravityOf(gravest(ruleNames.map((rule) => verdict(`envelope/${rule}`, { duty: duty! }))));
            const before = countFor(dutyAt(p, t));
            expect(countFor(dutyAt(p + more, t))).toBeGreaterThanOrEqual(before === 4 ? 4 : 0);
            expect(countFor(dutyAt(p, t + more))).toBeGreaterThanOrEqual(before === 4 ? 4 : 0);
          }
        },
      ),
      { numRuns: tries(20, 2000) },
    );
  });
});

describe("seat limit", () => {
  it("compares the worst shut differential, far side vented, with the curve", () => {
    // PTFE at 93 °C, DN 50, floating: 50 bar. 46 in, 44 out differs by 2, but the outlet may be vented.
    const finding = findingOn("envelope/seat-limit", { duty: dutyAt(46, 93, { downstreamBarG: 44 }) });
    expect(finding).toMatchObject({ verdict: "tight", value: 46, limit: 50, unit: "bar" });
    expect(verdict("envelope/seat-limit", { duty: dutyAt(50.1, 93) })).toBe("fails");
    expect(verdict("envelope/seat-limit", { duty: dutyAt(40, 93) })).toBe("holds");
  });
  it("takes a reverse case from the other side", () => {
    const duty = dutyAt(0, 93, { downstreamBarG: 51, flow: "reverse" });
    expect(findingOn("envelope/seat-limit", { duty })).toMatchObject({ verdict: "fails", value: 51 });
  });
  it("does not ask a case in which the valve is never shut", () => {
    expect(verdict("envelope/seat-limit", { duty: dutyAt(60, 93, { mayBeShut: false }) })).toBe("not asked");
  });
  it("uses a line's own curve instead of the generic one, and names it", () => {
    const shelf = shelfWith((line) => ({
      ...line,
      seats: line.seats.map((s) => ({
        ...s,
        curve: { name: "own", temperatureC: [0, 200], pressureBarG: [20, 10] },
      })),
    }));
    const finding = findingOn("envelope/seat-limit", { shelf, duty: dutyAt(16, 100) });
    expect(finding).toMatchObject({ verdict: "fails", limit: 15 });
    expect(finding.uses.find((u) => u.what.startsWith("curve"))).toMatchObject({
      value: "own",
      origin: "catalogue",
    });
    expect(findingOn("envelope/seat-limit").uses.find((u) => u.what.startsWith("curve"))).toMatchObject({
      origin: "reference",
    });
  });
  it("does not ask a metal seat", () => {
    const shelf = shelfWith((line) => ({
      ...line,
      seats: [{ seat: "metal-wc", priceFactor: 1, shutOff: "D", execution: null, curve: null }],
      sizes: line.sizes.map((s) => ({
        ...s,
        torque: { ...s.torque, breakToOpenNm: { "metal-wc": [30, 90] } },
      })),
    }));
    expect(verdict("envelope/seat-limit", { shelf, seat: "metal-wc" })).toBe("not asked");
  });
});

describe("seat temperature and headroom", () => {
  it("keeps to the seat's range, ends included", () => {
    expect(verdict("envelope/seat-temperature", { duty: dutyAt(1, 210, { kind: "upset" }) })).toBe("holds");
    expect(verdict("envelope/seat-temperature", { duty: dutyAt(1, 211, { kind: "upset" }) })).toBe("fails");
    expect(verdict("envelope/seat-temperature", { duty: dutyAt(1, -50) })).toBe("tight");
    expect(verdict("envelope/seat-temperature", { duty: dutyAt(1, -51) })).toBe("fails");
  });
  it("asks for headroom below the continuous maximum", () => {
    expect(verdict("envelope/seat-headroom", { duty: dutyAt(1, 180) })).toBe("holds");
    expect(verdict("envelope/seat-headroom", { duty: dutyAt(1, 181) })).toBe("tight");
    expect(verdict("envelope/seat-headroom", { duty: dutyAt(1, 201) })).toBe("fails");
  });
  it("lets a passing case go to the excursion maximum, no further", () => {
    expect(verdict("envelope/seat-headroom", { duty: dutyAt(1, 205, { kind: "steam-out" }) })).toBe("tight");
    // Beyond it the seat's range rule fails, and no other.
    const beyond = { duty: dutyAt(1, 211, { kind: "steam-out" }) };
    expect(verdict("envelope/seat-headroom", beyond)).toBe("not asked");
    expect(verdict("envelope/seat-temperature", beyond)).toBe("fails");
  });
});

describe("seals and grade", () => {
  const nitrile = shelfWith((line) => ({
    ...line,
    seals: [
      {
        ...line.seals[0]!,
        id: "nbr",
        name: "NBR",
        parts: [
          { part: "stem seal", seal: "nbr", decompressionGrade: false },
          { part: "packing", seal: "graphite-packing", decompressionGrade: false },
        ],
      },
    ],
  }));
  it("lets the weakest seal decide at both ends", () => {
    expect(verdict("envelope/seal-temperature", { shelf: nitrile, duty: dutyAt(1, 80) })).toBe("holds");
    expect(verdict("envelope/seal-temperature", { shelf: nitrile, duty: dutyAt(1, 95) })).toBe("tight");
    expect(verdict("envelope/seal-temperature", { shelf: nitrile, duty: dutyAt(1, 101) })).toBe("fails");
    expect(verdict("envelope/seal-temperature", { shelf: nitrile, duty: dutyAt(1, -31) })).toBe("fails");
  });
  it("takes the lowest ambient as a case of its own", () => {
    const duty = dutyWith({ ambientMinimumC: -35 });
    expect(findingOn("envelope/seal-temperature", { shelf: nitrile, duty })).toMatchObject({
      verdict: "fails",
      caseName: "lowest ambient",
    });
    expect(findingOn("envelope/grade-minimum", { duty })).toMatchObject({
      verdict: "fails",
      caseName: "lowest ambient",
    });
  });
  it("keeps to the grade's own limits although its group is rated beyond them", () => {
    expect(verdict("envelope/grade-minimum", { duty: dutyAt(1, -24) })).toBe("holds");
    expect(verdict("envelope/grade-minimum", { duty: dutyAt(1, -25) })).toBe("tight");
    expect(verdict("envelope/grade-minimum", { duty: dutyAt(1, -30) })).toBe("fails");
    expect(verdict("envelope/grade-maximum", { duty: dutyAt(1, 415) })).toBe("holds");
    expect(verdict("envelope/grade-maximum", { duty: dutyAt(1, 420) })).toBe("tight");
    expect(verdict("envelope/grade-maximum", { duty: dutyAt(1, 426) })).toBe("fails");
    expect(verdict("envelope/body-class", { duty: dutyAt(1, 426) })).toBe("holds");
  });
});

describe("chemistry", () => {
  const family = (name: string | null) => dutyWith({ fluid: { name: "", family: name, phase: "liquid" } });
  it("reads A as holds, B as tight, C as cannot tell, X as fails", () => {
    expect(verdict("envelope/seat-chemistry", { duty: family("water") })).toBe("holds");
    expect(verdict("envelope/seat-chemistry", { duty: family("oxygen") })).toBe("tight");
    expect(verdict("envelope/body-chemistry", { duty: family("water") })).toBe("cannot tell");
    expect(verdict("envelope/body-chemistry", { duty: family("seawater and brine") })).toBe("fails");
  });
  it("lets a house rule make B fail", () => {
    expect(
      verdict("envelope/seat-chemistry", { duty: family("oxygen"), house: { limitedSuitability: "fails" } }),
    ).toBe("fails");
  });
  it("never holds where the family is not stated or the material not listed", () => {
    for (const rule of ["seat", "seal", "body", "trim"]) {
      expect(findingOn(`envelope/${rule}-chemistry`, { duty: family(null) })).toMatchObject({
        verdict: "cannot tell",
        missing: "service family of the fluid",
      });
    }
    const unlisted = shelfWith((line) => ({ ...line, trims: [{ ...line.trims[0]!, ball: "tantalum" }] }));
    expect(findingOn("envelope/trim-chemistry", { shelf: unlisted })).toMatchObject({
      verdict: "cannot tell",
      limit: "not listed",
    });
  });
  it("judges chlorine dry or wet by its free water, and waits where that decides", () => {
    const body = (grade: string, freeWater: boolean | null) =>
      findingOn("envelope/body-chemistry", {
        shelf: shelfWith((line) => ({ ...line, grades: [{ grade, priceFactor: 1 }] })),
        duty: dutyWith({ fluid: { family: "chlorine", freeWater } }),
      }).verdict;
    expect([body("A216 WCB", false), body("A216 WCB", true), body("A216 WCB", null)]).toEqual([
      "holds",
      "fails",
      "cannot tell",
    ]);
    expect(body("Alloy C-276", null)).toBe("tight");
    const ball = (freeWater: boolean) =>
      findingOn("envelope/trim-chemistry", {
        shelf: shelfWith((line) => ({
          ...line,
          trims: [{ ...line.trims[0]!, ball: "titanium", stem: "titanium" }],
        })),
        duty: dutyWith({ fluid: { family: "chlorine", freeWater } }),
      }).verdict;
    expect([ball(false), ball(true)]).toEqual(["fails", "holds"]);
  });
  it("judges soft goods in hot water and in steam where the water is warm enough", () => {
    const polyamide = (temperatureC: number, kind: "normal" | "steam-out" = "normal") =>
      findingOn("envelope/seat-chemistry", {
        seat: "peek",
        duty: dutyWith({ fluid: { family: "water" }, cases: [{ temperatureC, kind }] }),
      });
    expect(polyamide(90).uses).toHaveLength(2);
    expect(polyamide(91).uses).toHaveLength(4);
    expect(polyamide(101).uses).toHaveLength(6);
    expect(polyamide(130, "steam-out").uses).toHaveLength(2);
  });
  it("lets the worst of several wetted parts govern and lists them all", () => {
    const shelf = shelfWith((line) => ({
      ...line,
      trims: [{ ...line.trims[0]!, stem: "17-4PH" }],
    }));
    const finding = findingOn("envelope/trim-chemistry", { shelf, duty: family("oxygen") });
    expect(finding).toMatchObject({ verdict: "fails", value: "17-4PH" });
    expect(finding.uses).toHaveLength(3);
  });
});
