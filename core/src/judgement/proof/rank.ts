import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { ProvenCandidate } from "./candidate.ts";

export const orders = ["price", "margin", "weight", "torque"] as const;
/** What decides between candidates of equal verdict. */
export type Order = (typeof orders)[number];

const lastWord: Record<Order, (a: ProvenCandidate, b: ProvenCandidate) => number> = {
  price: () => 0,
  margin: (a, b) => (b.leastReserve ?? Number.MAX_VALUE) - (a.leastReserve ?? Number.MAX_VALUE),
  weight: (a, b) => a.weightKg - b.weightKg,
  torque: (a, b) => (a.breakNm ?? Number.MAX_VALUE) - (b.breakNm ?? Number.MAX_VALUE),
};

const inAlphabet = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

/** By the keys of valve and drive; a candidate's own key would be put together anew for each comparison. */
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
 * Price with what is *tight* weighed in: what one would pay to be rid of it.
 *
 * @param of price and counts of a candidate
 * @param house what a serious and a mild *tight* weigh, % of the price each
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
 * Ranks proven candidates: no *fails*, then no *cannot tell*, then the order asked for, then price with what is *tight*
 * weighed in, then the keys of valve and drive so that the rank never depends on chance. Among failing ones,
 * the least of fails and shortfall together come first: the nearest misses.
 *
 * @param candidates in any order; not changed
 * @param house what a *tight* weighs
 * @param order what decides between equals, price unless said otherwise
 * @returns a new list, best first
 * @source ranking of the product
 * @example rank([], { seriousTightPercent: 100, mildTightPercent: 10 }) // → []
 */
export function rank(
  candidates: readonly ProvenCandidate[],
  house: Weights,
  order: Order = "price",
): ProvenCandidate[] {
  const decide = lastWord[order];
  const ranked: ProvenCandidate[] = [];
  // Only what stands is paid for: what fails is laid out by its price as it is.
  const cost = (c: ProvenCandidate) => (c.fails > 0 || c.tight === 0 ? c.price : weighedPrice(c, house));
  layOut(
    [...candidates],
    0,
    (a, b) => decide(a, b) || cost(a) - cost(b) || a.price - b.price || byName(a, b),
    ranked,
  );
  return ranked;
}
