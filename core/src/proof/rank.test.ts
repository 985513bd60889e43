import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ProvenCandidate } from "./candidate.ts";
import { type Order, orders, rank } from "./rank.ts";

const figures = fc.record({
  fails: fc.nat({ max: 3 }),
  shortfall: fc.constantFrom(0, 0.1, 0.25, 1, 1.5),
  cannotTell: fc.nat({ max: 2 }),
  tight: fc.nat({ max: 3 }),
  leastMargin: fc.option(fc.constantFrom(-0.2, 0, 0.1, 0.4)),
  price: fc.constantFrom(900, 1000, 1200),
  weightKg: fc.constantFrom(5, 8, 20),
  breakNm: fc.option(fc.constantFrom(20, 50, 90)),
});
const candidates = fc.array(figures, { maxLength: 60 }).map((all) =>
  all.map(
    (c, at) =>
      ({
        ...c,
        key: `k${(at * 37) % 101}`,
        valve: { key: `k${(at * 37) % 101}` },
        drive: null,
      }) as unknown as ProvenCandidate,
  ),
);

/** The ranking as it is written down, one comparison after the other. */
const asWritten: Record<Order, (c: ProvenCandidate) => number> = {
  price: (c) => c.price,
  margin: (c) => -(c.leastMargin ?? Number.MAX_VALUE),
  weight: (c) => c.weightKg,
  torque: (c) => c.breakNm ?? Number.MAX_VALUE,
};
const compared = (order: Order) => (a: ProvenCandidate, b: ProvenCandidate) =>
  a.fails - b.fails ||
  (a.fails > 0 ? a.shortfall - b.shortfall : 0) ||
  a.cannotTell - b.cannotTell ||
  a.tight - b.tight ||
  asWritten[order](a) - asWritten[order](b) ||
  a.price - b.price ||
  (a.key < b.key ? -1 : 1);

describe("the ranking", () => {
  it.each(orders)("by %s is that of comparing one with another", (order) => {
    fc.assert(
      fc.property(candidates, (all) => {
        const keys = (list: readonly ProvenCandidate[]) => list.map((c) => c.key);
        expect(keys(rank(all, order))).toEqual(keys([...all].sort(compared(order))));
      }),
    );
  });
  it("does not hang on the order candidates come in, and changes nothing it is given", () => {
    fc.assert(
      fc.property(candidates, (all) => {
        const before = [...all];
        expect(rank([...all].reverse())).toEqual(rank(all));
        expect(all).toEqual(before);
      }),
    );
  });
  it("does not let a shortfall count where nothing fails", () => {
    const drive = null;
    const one = {
      fails: 0,
      shortfall: 9,
      cannotTell: 0,
      tight: 0,
      price: 1,
      key: "cheap",
      valve: { key: "v" },
      drive,
    };
    const other = { ...one, shortfall: 0, price: 2, key: "dear" };
    expect(rank([other, one] as unknown as ProvenCandidate[]).map((c) => c.key)).toEqual(["cheap", "dear"]);
  });
  it("of none is none", () => expect(rank([])).toEqual([]));
});
