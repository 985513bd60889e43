import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoCatalogue, demoShelf } from "../../../test/demo.ts";
import { findingOn, shelfWith } from "../../../test/fixture.ts";
import { tableTorque } from "./demand.ts";
import { breakParts } from "./mechanics.ts";

const sizes = [...new Set(demoCatalogue.lines.flatMap((line) => line.sizes.map((size) => size.dn)))];
const valves = sizes.flatMap((dn) => demoShelf.valvesFor(dn).filter((v) => v.construction.rubbing !== null));

describe("computed torque", () => {
  it("agrees with the table of every demo line that rubs, within fifteen per cent", () => {
    const constructions = new Set<string>();
    const wrong: string[] = [];
    for (const valve of valves) {
      const { differentialBar: columns, breakToOpenNm } = valve.size.torque;
      const row = breakToOpenNm[valve.seat.material.id]!;
      for (const bar of [0, columns.at(-1)! / 2, columns.at(-1)!]) {
        const ratio = breakParts(valve, bar)!.totalNm / tableTorque(columns, row, bar)!;
        if (!(Math.abs(ratio - 1) < 0.15)) wrong.push(`${valve.key} at ${bar} bar: ${ratio}`);
      }
      constructions.add(valve.construction.id);
    }
    expect(wrong).toEqual([]);
    expect(constructions.size).toBeGreaterThan(12);
  });
  it("is the sum of its parts, none below zero, and never falls as the differential rises", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...valves),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        (valve, a, b) => {
          const [less, more] = [breakParts(valve, Math.min(a, b))!, breakParts(valve, Math.max(a, b))!];
          expect(more.totalNm).toBeGreaterThanOrEqual(less.totalNm - 1e-9);
          const { totalNm, ...parts } = more;
          expect(Object.values(parts).every((nm) => nm >= 0)).toBe(true);
          expect(Object.values(parts).reduce((sum, nm) => sum + nm, 0)).toBeCloseTo(totalNm, 6);
        },
      ),
    );
  });
  it("is none for a closure that does not rub", () => {
    const triple = demoShelf.valvesFor(150).find((v) => v.construction.id === "butterfly-triple-offset")!;
    expect(breakParts(triple, 10)).toBeNull();
  });
});

describe("a table below the computed torque", () => {
  const [valve] = shelfWith().valvesFor(50);
  const total = breakParts(valve!, 10)!.totalNm;
  const stating = (nm: number) =>
    shelfWith((line) => ({
      ...line,
      sizes: line.sizes.map((size) => ({
        ...size,
        torque: { differentialBar: [0, 50], breakToOpenNm: { ptfe: [nm, nm], peek: [nm, nm] } },
      })),
    }));
  it("is questioned where friction scatter does not explain it", () => {
    const verdictAt = (nm: number) => findingOn("torque/table-and-mechanics", { shelf: stating(nm) }).verdict;
    expect(verdictAt(total * 0.851)).toBe("holds");
    expect(verdictAt(total * 0.849)).toBe("tight");
    expect(verdictAt(total * 2)).toBe("holds");
  });
});
