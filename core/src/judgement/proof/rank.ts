import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { ProvenCandidate } from "./candidate.ts";

export const orders = ["price", "margin", "weight", "torque"] as const;
/** Order among candidates of equal verdict. */
export type Order = (typeof orders)[number];

const tieBreak: Record<Order, (a: ProvenCandidate, b: ProvenCandidate) => number> = {
  price: () => 0,
  margin: (a, b) => (b.leastReserve ?? Number.MAX_VALUE) - (a.leastReserve ?? Number.MAX_VALUE),
  weight: (a, b) => a.weightKg - b.weightKg,
  torque: (a, b) => (a.breakNm ?? Number.MAX_VALUE) - (b.breakNm ?? Number.MAX_VALUE),
};

const inAlphabet = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

/** By the keys of valve and actuator: building the candidate's own key for each comparison would be slow. */
const byName = (a: ProvenCandidate, b: ProvenCandidate) =>
  inAlphabet(a.valve.key, b.valve.key) || inAlphabet(a.drive?.key ?? "", b.drive?.key ?? "");

/** Gravest first; thousands of candidates differ in it in a few hundred ways only. */
const gravestFirst: readonly ((c: ProvenCandidate) => number)[] = [
  // One thing missed by much is no nearer than two missed by a little.
  (c) => (c.fails > 0 ? c.fails + c.shortfall : 0),
  (c) => c.cannotTell,
];

type Weights = Pick<HouseRules, "seriousTightPercent" | "mildTightPercent">;

/**
 * Price with the weight of each *tight* added.
 *
 * @param of price and counts of a candidate
 * @param house weight of a serious and of a mild *tight*, each in % of the price
 * @returns in the catalogue's currency
 * @source house rules
 * @example weighedPrice({ price: 1000, tight: 2, mild: 1 }, { seriousTightPercent: 100, mildTightPercent: 10 }) // → 2100
 */
export function weighedPrice(
  { price, tight, mild }: Pick<ProvenCandidate, "price" | "tight" | "mild">,
  { seriousTightPercent, mildTightPercent }: Weights,
): number {
  return price * (1 + (seriousTightPercent * (tight - mild) + mildTightPercent * mild) / 100);
}

/** Sorts candidates into buckets by one figure after the other, which needs far fewer comparisons than a full sort. */
function bucketSort(
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
    const value = figure(candidate);
    const there = alike.get(value);
    if (there === undefined) alike.set(value, [candidate]);
    else there.push(candidate);
  }
  for (const position of Float64Array.from(alike.keys()).sort())
    bucketSort(alike.get(position)!, level + 1, last, into);
}

/**
 * Ranks proven candidates: no *fails*, then no *cannot tell*, then the order asked for, then price weighted by *tight*,
 * then the keys of valve and actuator so that the order is always the same. Among failing candidates the nearest misses
 * come first.
 *
 * @param candidates in any order; not changed
 * @param house weight of a *tight*
 * @param order order among equals; price by default
 * @returns a new list, best first
 * @source ranking of the product
 * @example rank([], { seriousTightPercent: 100, mildTightPercent: 10 }) // → []
 */
export function rank(
  candidates: readonly ProvenCandidate[],
  house: Weights,
  order: Order = "price",
): ProvenCandidate[] {
  const decide = tieBreak[order];
  const ranked: ProvenCandidate[] = [];
  // Weights apply to suitable candidates only; failing ones are ordered by plain price.
  const cost = (c: ProvenCandidate) => (c.fails > 0 || c.tight === 0 ? c.price : weighedPrice(c, house));
  bucketSort(
    [...candidates],
    0,
    (a, b) => decide(a, b) || cost(a) - cost(b) || a.price - b.price || byName(a, b),
    ranked,
  );
  return ranked;
}
