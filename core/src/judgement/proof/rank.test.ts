import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ProvenCandidate } from "./candidate.ts";
import { type Order, orders, rank, weighedPrice } from "./rank.ts";

const figures = fc.record({
  fails: fc.nat({ max: 3 }),
  shortfall: fc.constantFrom(0, 0.1, 0.25, 1, 1.5),
  cannotTell: fc.nat({ max: 2 }),
  tight: fc.nat({ max: 3 }),
  milder: fc.double({ min: 0, max: 1, noNaN: true }),
  leastReserve: fc.option(fc.constantFrom(-0.2, 0, 0.1, 4)),
  price: fc.constantFrom(900, 1000, 1200),
  weightKg: fc.constantFrom(5, 8, 20),
  breakNm: fc.option(fc.constantFrom(20, 50, 90)),
});
const candidates = fc.array(figures, { maxLength: 60 }).map((candidates) =>
  candidates.map(
    (c, index) =>
      ({
        ...c,
        mild: Math.round(c.milder * c.tight),
        key: `k${(index * 37) % 101}`,
        valve: { key: `k${(index * 37) % 101}` },
        drive: null,
      }) as unknown as ProvenCandidate,
  ),
);

/** The ranking as documented, one comparison after the other. */
const asWritten: Record<Order, (c: ProvenCandidate) => number> = {
  price: () => 0,
  margin: (c) => -(c.leastReserve ?? Number.MAX_VALUE),
  weight: (c) => c.weightKg,
  torque: (c) => c.breakNm ?? Number.MAX_VALUE,
};
const weights = { seriousTightPercent: 100, mildTightPercent: 10 };
const compared = (order: Order) => (a: ProvenCandidate, b: ProvenCandidate) =>
  (a.fails > 0 ? a.fails + a.shortfall : 0) - (b.fails > 0 ? b.fails + b.shortfall : 0) ||
  a.cannotTell - b.cannotTell ||
  asWritten[order](a) - asWritten[order](b) ||
  (a.fails > 0 ? a.price - b.price : weighedPrice(a, weights) - weighedPrice(b, weights)) ||
  a.price - b.price ||
  (a.key < b.key ? -1 : 1);

describe("the ranking", () => {
  it.each(orders)("by %s equals a comparison one by one", (order) => {
    fc.assert(
      fc.property(candidates, (candidates) => {
        const keys = (list: readonly ProvenCandidate[]) => list.map((c) => c.key);
        expect(keys(rank(candidates, weights, order))).toEqual(keys([...candidates].sort(compared(order))));
      }),
    );
  });
  it("does not depend on the input order, and does not change its input", () => {
    fc.assert(
      fc.property(candidates, (candidates) => {
        const before = [...candidates];
        expect(rank([...candidates].reverse(), weights)).toEqual(rank(candidates, weights));
        expect(candidates).toEqual(before);
      }),
    );
  });
  it("ignores shortfall where nothing fails", () => {
    const drive = null;
    const candidate = {
      fails: 0,
      shortfall: 9,
      cannotTell: 0,
      tight: 0,
      mild: 0,
      price: 1,
      key: "cheap",
      valve: { key: "v" },
      drive,
    };
    const other = { ...candidate, shortfall: 0, price: 2, key: "dear" };
    expect(rank([other, candidate] as unknown as ProvenCandidate[], weights).map((c) => c.key)).toEqual([
      "cheap",
      "dear",
    ]);
  });
  it("of none is empty", () => expect(rank([], weights)).toEqual([]));
  it("does not let two mild findings prefer a candidate at ten times the price", () => {
    const plain = { fails: 0, shortfall: 0, cannotTell: 0, drive: null };
    const dear = { ...plain, tight: 0, mild: 0, price: 10_000, valve: { key: "dear" } };
    const cheap = { ...plain, tight: 2, mild: 2, price: 1000, valve: { key: "cheap" } };
    const risky = { ...plain, tight: 1, mild: 0, price: 1000, valve: { key: "risky" } };
    const ranked = rank([dear, risky, cheap] as unknown as ProvenCandidate[], weights);
    expect(ranked.map((c) => c.valve.key)).toEqual(["cheap", "risky", "dear"]);
    expect(weighedPrice(risky, weights)).toBe(2000);
    expect(weighedPrice(cheap, weights)).toBe(1200);
    const careless = { seriousTightPercent: 0, mildTightPercent: 0 };
    expect(weighedPrice(risky, careless)).toBe(1000);
  });
});
