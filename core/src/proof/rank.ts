import type { ProvenCandidate } from "./candidate.ts";

export const orders = ["price", "margin", "weight", "torque"] as const;
/** What decides between candidates of equal verdict. */
export type Order = (typeof orders)[number];

const lastWord: Record<Order, (a: ProvenCandidate, b: ProvenCandidate) => number> = {
  price: (a, b) => a.price - b.price,
  margin: (a, b) => (b.leastMargin ?? Number.MAX_VALUE) - (a.leastMargin ?? Number.MAX_VALUE),
  weight: (a, b) => a.weightKg - b.weightKg,
  torque: (a, b) => (a.breakNm ?? Number.MAX_VALUE) - (b.breakNm ?? Number.MAX_VALUE),
};

/**
 * Ranks proven candidates: no *fails*, then no *cannot tell*, then fewest *tight*, then the order
 * asked for, then price, then key so that the rank never depends on chance. Among failing ones,
 * fewest fails and least shortfall come first: the nearest misses.
 *
 * @param candidates in any order; not changed
 * @param order what decides between equals, price unless said otherwise
 * @returns a new list, best first
 * @throws never
 * @source ranking of the product
 * @example rank([], "price") // → []
 */
export function rank(candidates: readonly ProvenCandidate[], order: Order = "price"): ProvenCandidate[] {
  const decide = lastWord[order];
  return [...candidates].sort(
    (a, b) =>
      a.fails - b.fails ||
      (a.fails > 0 ? a.shortfall - b.shortfall : 0) ||
      a.cannotTell - b.cannotTell ||
      a.tight - b.tight ||
      decide(a, b) ||
      a.price - b.price ||
      (a.key < b.key ? -1 : a.key > b.key ? 1 : 0),
  );
}
