import { describe, expect, it } from "vitest";
import { dutyWith, findingOn, shelfWith } from "../../../../test/fixture.ts";

const verdict = (...args: Parameters<typeof findingOn>) => findingOn(...args).verdict;

describe("size offered", () => {
  it("holds at an offered size and fails beside it, naming the nearest", () => {
    expect(verdict("body/size-offered")).toBe("holds");
    const off = findingOn("body/size-offered", { duty: dutyWith({ dn: 65 }) });
    expect(off).toMatchObject({ verdict: "fails", value: 65, limit: 50, unit: "DN" });
  });
});

describe("a line", () => {
  it("that is discontinued cannot be ordered", () => {
    expect(verdict("body/still-made")).toBe("holds");
    const shelf = shelfWith((line) => ({ ...line, noLongerMade: true }));
    expect(verdict("body/still-made", { shelf })).toBe("fails");
  });
});

describe("floating ball size limit", () => {
  it("holds at the border and fails just beyond it", () => {
    expect(verdict("body/floating-size-border", { house: { largestFloatingDnClass300: 50 } })).toBe("holds");
    expect(verdict("body/floating-size-border", { house: { largestFloatingDnClass300: 40 } })).toBe("fails");
  });
  it("does not ask a trunnion", () => {
    expect(
      verdict("body/floating-size-border", { line: "trunnion", house: { largestFloatingDnClass300: 40 } }),
    ).toBe("not asked");
  });
  it.each([
    ["class 150", { largestFloatingDnClass150: 40 }],
    ["class 600", { largestFloatingDnClass600: 40 }],
    ["class 900", { largestFloatingDnAbove: 40 }],
  ])("reads the border of %s", (designation, house) => {
    const shelf = shelfWith((line) => ({ ...line, sizes: line.sizes.map((s) => ({ ...s, designation })) }));
    expect(verdict("body/floating-size-border", { shelf, house })).toBe("fails");
  });
});

describe("end connection", () => {
  it("needs facing and class to match", () => {
    expect(verdict("body/end-connection")).toBe("holds");
    expect(verdict("body/end-connection", { duty: dutyWith({ lineDesignation: "class 150" }) })).toBe(
      "fails",
    );
    expect(verdict("body/end-connection", { duty: dutyWith({ endConnection: "flanged RTJ" }) })).toBe(
      "fails",
    );
  });
  it("never takes a PN for a class", () => {
    expect(verdict("body/end-connection", { duty: dutyWith({ lineDesignation: "PN 40" }) })).toBe("fails");
  });
  it("cannot tell without the line's class, and names it", () => {
    expect(findingOn("body/end-connection", { duty: dutyWith({ lineDesignation: null }) })).toMatchObject({
      verdict: "cannot tell",
      missing: "line class",
    });
  });
  it("waits for the line class of a welded end too", () => {
    const shelf = shelfWith((line) => ({ ...line, ends: ["butt-weld"] }));
    expect(
      verdict("body/end-connection", {
        shelf,
        duty: dutyWith({ endConnection: "butt-weld", lineDesignation: null }),
      }),
    ).toBe("cannot tell");
  });
  it("takes a wafer body between raised faces", () => {
    const shelf = shelfWith((line) => ({ ...line, ends: ["wafer"] }));
    expect(verdict("body/end-connection", { shelf })).toBe("holds");
    expect(verdict("body/end-connection", { shelf, duty: dutyWith({ endConnection: "flanged RTJ" }) })).toBe(
      "fails",
    );
  });
});

describe("sealing direction", () => {
  const oneWay = shelfWith((line) => ({ ...line, sealing: "one way" }));
  it("fails a one-way valve where pressure comes from both sides", () => {
    expect(verdict("body/sealing-direction", { shelf: oneWay })).toBe("fails");
  });
  it("is content with an arrow where pressure comes from one side", () => {
    expect(
      verdict("body/sealing-direction", { shelf: oneWay, duty: dutyWith({ flowDirection: "one way" }) }),
    ).toBe("holds");
  });
  it("asks for both sides where a shut case is marked reverse, whatever is stated", () => {
    const reverse = { flow: "reverse", upstreamBarG: 0, downstreamBarG: 5 } as const;
    const verdictWith = (more: object) =>
      verdict("body/sealing-direction", {
        shelf: oneWay,
        duty: dutyWith({ flowDirection: "one way", cases: [{}, { ...reverse, ...more }] }),
      });
    expect(verdictWith({})).toBe("fails");
    expect(verdictWith({ mayBeShut: false })).toBe("holds");
    expect(verdictWith({ kind: "fire" })).toBe("holds");
  });
  it("marks an assumed direction as assumed", () => {
    const finding = findingOn("body/sealing-direction", { duty: dutyWith({ flowDirection: null }) });
    expect(finding.uses[0]).toMatchObject({ value: "both ways", origin: "assumed" });
  });
});

describe("barriers, in-line repair, fire-safe", () => {
  const block = dutyWith({ function: ["double block and bleed"] });
  it("counts barriers only for block and bleed", () => {
    expect(verdict("body/barriers")).toBe("not asked");
    expect(verdict("body/barriers", { duty: block })).toBe("fails");
    expect(verdict("body/barriers", { duty: block, line: "trunnion" })).toBe("holds");
  });
  it("asks for in-line repair only when wanted", () => {
    const duty = dutyWith({ inLineRepair: true });
    expect(verdict("body/in-line-repair")).toBe("not asked");
    expect(verdict("body/in-line-repair", { duty })).toBe("fails");
    expect(verdict("body/in-line-repair", { duty, line: "trunnion" })).toBe("holds");
  });
  it("asks for a fire test when wanted or when there is a fire case", () => {
    const untested = shelfWith((line) => ({ ...line, fireSafe: false }));
    const fire = dutyWith({ cases: [{}, { kind: "fire", temperatureC: 700 }] });
    expect(verdict("body/fire-safe")).toBe("not asked");
    expect(verdict("body/fire-safe", { duty: dutyWith({ fireSafe: true }) })).toBe("holds");
    expect(verdict("body/fire-safe", { duty: fire, shelf: untested })).toBe("fails");
  });
  it.each([
    [
      "at the stem",
      "floating",
      [
        ["packing", "ptfe-chevron"],
        ["body gasket", "graphite-gasket"],
      ],
    ],
    [
      "at the body joint",
      "floating",
      [
        ["packing", "graphite-packing"],
        ["body gasket", "ptfe-gasket"],
      ],
    ],
    ["at the body joint", "floating", [["packing", "graphite-packing"]]],
    [
      "behind the seats",
      "trunnion",
      [
        ["stem and seat rings", "fkm"],
        ["packing", "graphite-packing"],
        ["body gasket", "rtj"],
      ],
    ],
  ] as const)("ignores the line's fire test with seals that burn: %s", (where, line, parts) => {
    const shelf = shelfWith((l) => ({
      ...l,
      seals: [
        {
          ...l.seals[0]!,
          parts: parts.map(([part, seal]) => ({ part, seal, decompressionGrade: false })),
        },
      ],
    }));
    const finding = findingOn("body/fire-safe", { shelf, line, duty: dutyWith({ fireSafe: true }) });
    expect(finding.verdict).toBe("fails");
    expect(finding.says).toContain(where);
  });
});

describe("bolting of the pressure joints", () => {
  const closure = (bolts: number, thread = "M10") =>
    findingOn("body/joint-bolting", {
      duty: dutyWith(),
      shelf: shelfWith((l) => ({
        ...l,
        sizes: l.sizes.map((s) => ({
          ...s,
          joints: [
            {
              bolting: "body-bolts",
              thread,
              bolts,
              grade: null,
              boltCircleMm: 140,
              gasket: {
                kind: "spiral wound",
                meanDiameterMm: 110,
                effectiveWidthMm: 5,
                factor: 3,
                seatingStressMPa: 69,
              },
              torqueNm: null,
            },
          ],
        })),
      })),
    });
  it("holds where the studs carry the shell test, and fails with one stud too few", () => {
    const least = [...Array(60).keys()].slice(2).find((n) => closure(n).verdict === "holds")!;
    expect(closure(least).value).toBeLessThanOrEqual(90);
    expect(closure(least - 1).verdict).toBe("fails");
    expect(closure(least - 1).value).toBeGreaterThan(90);
  });
  it("is not asked where the maker does not state it", () =>
    expect(findingOn("body/joint-bolting", { duty: dutyWith() }).verdict).toBe("not asked"));
});
