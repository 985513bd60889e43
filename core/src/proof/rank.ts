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

const inAlphabet = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

/** By the keys of valve and drive; a candidate's own key would be put together anew for each comparison. */
const byName = (a: ProvenCandidate, b: ProvenCandidate) =>
  inAlphabet(a.valve.key, b.valve.key) || inAlphabet(a.drive?.key ?? "", b.drive?.key ?? "");

/** Gravest first; thousands of candidates differ in it in a few hundred ways only. */
const gravestFirst: readonly ((c: ProvenCandidate) => number)[] = [
  (c) => c.fails,
  (c) => (c.fails > 0 ? c.shortfall : 0),
  (c) => c.cannotTell,
  (c) => c.tight,
];

/** Lays candidates out by one figure after the other: gathering those alike compares far less than sorting all. */
function layOut(
  candidates: ProvenCandidate[],
  level: number,
  last: (a: ProvenCandidate, b: ProvenCandidate) => number,
  into: ProvenCandidate[],
): void {
  const figure = gravestFirst[level];
  if (figure === undefined) {
    for (const candidate of candidates.sort(last)) into.push(candidate);
    return;
  }
  const alike = new Map<number, ProvenCandidate[]>();
  for (const candidate of candidates) {
    const at = figure(candidate);
    const there = alike.get(at);
    if (there === undefined) alike.set(at, [candidate]);
    else there.push(candidate);
  }
  for (const at of Float64Array.from(alike.keys()).sort()) layOut(alike.get(at)!, level + 1, last, into);
}

/**
 * Ranks proven candidates: no *fails*, then no *cannot tell*, then fewest *tight*, then the order
 * asked for, then price, then the keys of valve and drive so that the rank never depends on chance. Among failing ones,
 * fewest fails and least shortfall come first: the nearest misses.
 *
 * @param candidates in any order; not changed
 * @param order what decides between equals, price unless said otherwise
 * @returns a new list, best first
 * @source ranking of the product
 * @example rank([], "price") // → []
 */
export function rank(candidates: readonly ProvenCandidate[], order: Order = "price"): ProvenCandidate[] {
  const decide = lastWord[order];
  const ranked: ProvenCandidate[] = [];
  layOut([...candidates], 0, (a, b) => decide(a, b) || a.price - b.price || byName(a, b), ranked);
  return ranked;
}
