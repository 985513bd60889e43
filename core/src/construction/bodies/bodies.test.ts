import { describe, expect, it } from "vitest";
import { demoCatalogue } from "../../../test/demo.ts";
import { parseDesignation } from "../../basis/reference/pressure-temperature.ts";
import { nominalSizes } from "../../basis/units/sizes.ts";
import { shutOffRates } from "../../duty/fields/words.ts";
import { leakPathsOf } from "./assembly/paths.ts";
import { cavityIds, cavityNamed } from "./cavity.ts";
import { constructionNamed, constructions } from "./constructions.ts";

const cavities = cavityIds.map(cavityNamed);

describe.each(constructions.map((c) => [c.name, c] as const))("%s", (_, c) => {
  it("has parts, leak paths, strengths and limits, each once and in words", () => {
    for (const list of [c.strengths, c.limits]) {
      expect(list.length).toBeGreaterThan(1);
      expect(new Set(list).size).toBe(list.length);
    }
    expect(new Set(c.parts.map((p) => p.id)).size).toBe(c.parts.length);
    for (const part of c.parts) expect(part.does).toMatch(/^[A-Z].*\.$/);
  });
  it("can leak along its stem and past its seat, and each path names its seals", () => {
    const leakPaths = leakPathsOf(c.assembly(c.cavities[0]!));
    const paths = leakPaths.map((p) => p.path);
    expect(new Set(paths).size).toBe(paths.length);
    for (const place of ["external", "internal"]) expect(leakPaths.some((p) => p.place === place)).toBe(true);
    for (const path of leakPaths) expect(path.seals.length).toBeGreaterThan(0);
    // A disc has no ball to leak past.
    for (const path of paths)
      expect(path.startsWith("between seat and ") && !path.endsWith(c.closure), path).toBe(false);
  });
  it("has a leak path wherever its shell has a joint", () => {
    const joints = leakPathsOf(c.assembly(c.cavities[0]!)).filter(
      (p) => p.place === "external" && /joint|bonnet|cover|insert/.test(p.path),
    );
    expect(joints.length > 0).toBe(c.bodyJoints > 0);
  });
  it("is built with arrangements that suit it, one of them at least", () => {
    expect(c.cavities.length).toBeGreaterThan(0);
    for (const id of c.cavities) {
      const cavity = cavityNamed(id);
      if (!c.holdsCavity) expect(cavity.trapsLiquid, id).toBe(false);
      if (c.direction === "one way") expect(cavity.barriers.reverse, id).toBeLessThan(2);
      // Only seats that spring against a ball held in bearings let the cavity be bled.
      if (cavity.blockAndBleed) expect(c.support, id).toBe("trunnion");
    }
  });
  it("reaches a shut-off rate with each kind of seat it takes, tighter when soft", () => {
    expect(Object.keys(c.bestShutOff).sort()).toEqual([...c.seatKinds].sort());
    const rank = (rate: string | undefined) => shutOffRates.indexOf(rate as "A");
    for (const kind of c.seatKinds) expect(rank(c.bestShutOff[kind])).toBeGreaterThanOrEqual(0);
    const { polymer, metal } = c.bestShutOff;
    if (polymer && metal) expect(rank(polymer)).toBeLessThanOrEqual(rank(metal));
  });
  it("is built in classes the tables know, in nominal sizes, no larger as the class rises", () => {
    const built = Object.entries(c.builtTo).map(([designation, range]) => ({
      ...parseDesignation(designation)!,
      range,
    }));
    expect(built.length).toBeGreaterThan(0);
    for (const { range } of built) {
      expect(nominalSizes).toContain(range[0]);
      expect(nominalSizes).toContain(range[1]);
      expect(range[0]).toBeLessThanOrEqual(range[1]);
    }
    const classes = built.filter((b) => b.system === "class").sort((a, b) => a.number - b.number);
    classes.forEach((b, i) => {
      if (i > 0) expect(b.range[1]).toBeLessThanOrEqual(classes[i - 1]!.range[1]);
    });
  });
  it("is offered in the demo catalogue", () => {
    expect(demoCatalogue.lines.some((line) => line.construction === c.id)).toBe(true);
  });
});

describe("arrangements of seats and cavity", () => {
  it("count barriers correctly", () => {
    expect(cavityNamed("two self-relieving").barriers).toEqual({ forward: 1, reverse: 1 });
    expect(cavityNamed("two double-piston").barriers).toEqual({ forward: 2, reverse: 2 });
    const mixed = cavityNamed("self-relieving + double-piston").barriers;
    expect([mixed.forward, mixed.reverse].sort()).toEqual([1, 2]);
  });
  it("provide block and bleed only where both sides hold", () => {
    for (const cavity of cavities)
      if (cavity.blockAndBleed)
        expect(Math.min(cavity.barriers.forward, cavity.barriers.reverse)).toBeGreaterThan(0);
  });
  it("trap liquid where nothing relieves it while shut", () => {
    for (const cavity of cavities)
      if (cavity.trapsLiquid) expect(["nowhere", "while open only"]).toContain(cavity.relievesTo);
  });
});

describe("a construction by name", () => {
  it("is found, or is undefined", () => {
    for (const c of constructions) expect(constructionNamed(c.id)).toBe(c);
    expect(constructionNamed("gate")).toBeUndefined();
  });
});
