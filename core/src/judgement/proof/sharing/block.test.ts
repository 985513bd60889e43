import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Verdict } from "../../rules/finding.ts";
import { Finding } from "../../rules/found.ts";
import { cannotTell, notAsked, plain } from "../../rules/outcome.ts";
import type { Outcome } from "../../rules/outcome-kinds.ts";
import { type Block, blockOf, findingsOf, graver, joined, leastOf, stationVerdicts } from "./block.ts";

const verdicts: Verdict[] = ["holds", "tight", "fails", "cannot tell", "not asked"];

const finding = (
  verdict: Verdict,
  margin: number | null = null,
  wanted = true,
  unit: "%" | "K" = "%",
): Outcome => {
  if (verdict === "cannot tell") return cannotTell("something");
  if (verdict === "not asked") return notAsked("");
  return plain(
    verdict,
    verdict,
    {},
    margin === null ? null : { margin, unit, wants: wanted ? (unit === "K" ? 10 : 0.1) : 0 },
  );
};

const anyFinding = fc
  .record({
    verdict: fc.constantFrom(...verdicts),
    margin: fc.option(fc.double({ min: 0, max: 3, noNaN: true })),
    wanted: fc.boolean(),
    unit: fc.constantFrom("%" as const, "K" as const),
  })
  .map(({ verdict, margin, wanted, unit }) =>
    finding(verdict, margin === null ? null : verdict === "fails" ? -margin : margin, wanted, unit),
  );

/** Findings in the order of their rules, parted into blocks as a candidate's parts part them. */
const parted = fc.array(fc.tuple(anyFinding, fc.nat({ max: 3 })), { maxLength: 24 }).map((pairs) => {
  const places = pairs.map((_, index) => index);
  const inPart = (part: number) => places.filter((place) => pairs[place]![1] === part);
  const block = (places: readonly number[]) =>
    blockOf(
      places.map((i) => pairs[i]![0]),
      places,
    );
  return { whole: block(places), parts: [0, 1, 2, 3].map((part) => block(inPart(part))) };
});

const sums = ({ fails, cannotTell, tight, shortfall, leastMargin, heldBackBy }: Block) => ({
  fails,
  cannotTell,
  tight,
  shortfall: Math.round(shortfall * 1e9),
  leastMargin,
  held: heldBackBy && { at: heldBackBy.at, gravity: heldBackBy.gravity },
});

describe("a block of findings", () => {
  it("counts a fail that needs another valve more than one that needs another actuator", () => {
    const shortfallOf = (station: "envelope" | "body" | "drive") =>
      blockOf([finding("fails", -0.4)], [0], [{ tight: "serious", station }]).shortfall;
    expect(shortfallOf("drive")).toBeCloseTo(0.4, 9);
    expect(shortfallOf("body")).toBeGreaterThan(shortfallOf("drive") + 1);
    expect(shortfallOf("envelope")).toBe(shortfallOf("body"));
  });
  it("counts what fails, waits and is tight, and sums what is missed", () => {
    const block = blockOf(
      [
        finding("fails", -0.25),
        finding("fails"),
        finding("cannot tell"),
        finding("tight", 0.05),
        finding("holds", 0.5),
      ],
      [0, 1, 2, 3, 4],
    );
    expect(block).toMatchObject({ fails: 2, cannotTell: 1, tight: 1, shortfall: 1.25, leastMargin: -0.25 });
  });
  it("is limited by the gravest, then the closest, then the earlier rule", () => {
    const held = (...outcomes: Outcome[]) =>
      blockOf(
        outcomes,
        outcomes.map((_, index) => index),
      ).heldBackBy?.at;
    expect(held(finding("holds", 0.1), finding("tight", 0.05), finding("holds", 0.01))).toBe(1);
    expect(held(finding("tight", 0.05), finding("tight", 0.02))).toBe(1);
    expect(held(finding("tight", 0.05), finding("tight", 0.05))).toBe(0);
    expect(held(finding("cannot tell"), finding("fails", -0.01))).toBe(1);
  });
  it("weighs margins by the margin wanted: half of ten kelvin like half of ten per cent", () => {
    const held = (kelvin: number, share: number) =>
      blockOf([finding("tight", kelvin, true, "K"), finding("tight", share)], [0, 1]).heldBackBy?.at;
    expect(held(4, 0.05)).toBe(0);
    expect(held(6, 0.05)).toBe(1);
  });
  it("ignores the margin of a kept limit that wants none", () => {
    const silent = blockOf([finding("holds", 0.001, false), finding("holds", 0.4)], [0, 1]);
    expect(silent.heldBackBy?.at).toBe(1);
    expect(silent.leastMargin).toBe(0.4);
    expect(blockOf([finding("holds", 0.001, false)], [0]).leastMargin).toBeNull();
  });
  it("ignores what is not asked", () => {
    expect(sums(blockOf([finding("not asked")], [0]))).toEqual(sums(blockOf([], [])));
  });
  it("joined equals one gathered at once, for any split", () => {
    fc.assert(
      fc.property(parted, ({ whole, parts }) => {
        expect(sums(joined(parts))).toEqual(sums(whole));
        const [a, b, c, d] = parts as [Block, Block, Block, Block];
        expect(sums(joined([joined([a, b]), joined([c, d])]))).toEqual(sums(whole));
        expect(sums(joined([d, c, b, a]))).toEqual(sums(whole));
      }),
    );
  });
  it("keeps every finding in the order of the rules, however deeply it was joined", () => {
    fc.assert(
      fc.property(parted, ({ whole, parts }) => {
        const [a, b, c, d] = parts as [Block, Block, Block, Block];
        const rules = whole.own.map((_, i) => ({
          id: `body/${i}` as const,
          station: "body" as const,
          asks: "",
          source: "",
        }));
        const laid = findingsOf([joined([d, joined([b, a])]), c], rules);
        expect(laid.map((f) => f.outcome)).toEqual(whole.own);
        expect(laid.map((f) => f.by)).toEqual(rules);
      }),
    );
  });
  it("of one block is that block, and of none an empty one", () => {
    const block = blockOf([finding("tight")], [3]);
    expect(joined([block])).toBe(block);
    expect(joined([joined([]), block, joined([])])).toBe(block);
    expect(joined([])).toMatchObject({ fails: 0, heldBackBy: null, own: [] });
  });
});

describe("the graver of two", () => {
  it("accepts a missing one", () => {
    const held = blockOf([finding("tight")], [0]).heldBackBy;
    expect(graver(null, held)).toBe(held);
    expect(graver(held, null)).toBe(held);
    expect(leastOf(null, 0.2)).toBe(0.2);
    expect(leastOf(0.2, 0.1)).toBe(0.1);
    expect(leastOf(null, null)).toBeNull();
  });
  it("does not depend on the order", () => {
    fc.assert(
      fc.property(anyFinding, anyFinding, (a, b) => {
        const [x, y] = [blockOf([a], [0]).heldBackBy, blockOf([b], [1]).heldBackBy];
        expect(graver(x, y)).toBe(graver(y, x));
      }),
    );
  });
  it("gives each station its gravest verdict", () => {
    const countOf = (station: "body" | "drive", verdict: Verdict) =>
      new Finding({ id: `${station}/x`, station, asks: "", source: "" }, finding(verdict));
    expect(
      stationVerdicts([countOf("body", "holds"), countOf("body", "tight"), countOf("drive", "fails")]),
    ).toEqual({
      duty: "not asked",
      body: "tight",
      envelope: "not asked",
      flow: "not asked",
      torque: "not asked",
      drive: "fails",
      "fit-up": "not asked",
    });
  });
});
