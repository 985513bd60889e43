import { normalBelow, type SeatStack, type StackLink, seatStack } from "../../../basis/calc/seat-stack.ts";
import { seeded } from "../../../basis/calc/seeded.ts";
import type { ChainLink, SeatChain } from "./chain.ts";

/** A part from stock, with its effect on the chain. */
export interface StockChoice {
  readonly sizeMm: number;
  readonly loadAtMeanN: number;
  readonly probabilityLoose: number;
  readonly probabilityOver: number;
}

/** A link to be corrected. */
export interface Correction {
  readonly name: string;
  /** Longer, or shorter where negative, mm. */
  readonly byMm: number;
  /** Whether it is outside its own limits, or brings the load to its target. */
  readonly because: "outside limits" | "gives the mean load";
}

/** A chain as it presses the seat. */
export interface StackAssessment extends SeatStack {
  /** The lesser of the seat's limit and the load its actuator can turn. */
  readonly mostLoadN: number;
  /** Whether it is the drive that bears less. */
  readonly driveBearsLess: boolean;
  /** Correction and its amount; null where the load is right, and no measured link is outside its limits. */
  readonly correct: Correction | null;
  /** Middle between loose and over-compressed: where a part out of the stock is to bring the load. */
  readonly targetN: number;
  readonly probabilityOver: number;
  /** Counts of so many trials by compression, mm, evenly from the first to the last. */
  readonly histogram: { readonly fromMm: number; readonly toMm: number; readonly counts: readonly number[] };
  /** The unmeasured link with the greatest scatter. */
  readonly worstLink: string | null;
  /** Parts of the stock, the nearest to the target first. */
  readonly stock: readonly StockChoice[];
}

const trials = 20_000;
const bins = 24;
const seed = 1414;

/** How far a measured link is outside its limits, mm: above them positive; 0 within, and where not measured. */
function outsideBy({ nominalMm, plusMm, minusMm, measuredMm }: ChainLink): number {
  if (measuredMm === null) return 0;
  const above = measuredMm - (nominalMm + plusMm);
  const below = measuredMm - (nominalMm - minusMm);
  // Rounding of a value entered at its limit is no fault of the part.
  return above > 1e-9 ? above : below < -1e-9 ? below : 0;
}

/** A chance of loose or over-compressed that is not left as it is. */
const tooLikely = 0.01;

function correctionOf(
  { links, stiffnessNPerMm }: SeatChain,
  { meanMm, probabilityLoose }: SeatStack,
  over: number,
  targetN: number,
): Correction | null {
  const [worst] = links
    .map((link) => ({ name: link.name, by: link.picked ? 0 : outsideBy(link) }))
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by));
  if (worst !== undefined && worst.by !== 0)
    return { name: worst.name, byMm: -worst.by, because: "outside limits" };
  const picked = links.find((link) => link.picked);
  if (picked === undefined || (probabilityLoose <= tooLikely && over <= tooLikely)) return null;
  return {
    name: picked.name,
    byMm: picked.sense * (targetN / stiffnessNPerMm - meanMm),
    because: "gives the mean load",
  };
}

/** A link for the calculation: a measured one has no tolerance. */
const reckoned = ({ name, nominalMm, plusMm, minusMm, sense, measuredMm }: ChainLink): StackLink =>
  measuredMm === null
    ? { name, nominalMm, plusMm, minusMm, sense }
    : { name, nominalMm: measuredMm, plusMm: 0, minusMm: 0, sense };

function overOf({ meanMm, rssMaximumMm }: SeatStack, mostMm: number): number {
  const sigma = (rssMaximumMm - meanMm) / 3;
  if (sigma === 0) return meanMm > mostMm ? 1 : 0;
  return normalBelow((meanMm - mostMm) / sigma);
}

function drawn(links: readonly StackLink[], { worstMinimumMm, worstMaximumMm }: SeatStack) {
  const random = seeded(seed);
  const width = Math.max(worstMaximumMm - worstMinimumMm, 1e-6);
  const counts = new Array<number>(bins).fill(0);
  for (let trial = 0; trial < trials; trial++) {
    let mm = 0;
    for (const { nominalMm, plusMm, minusMm, sense } of links) {
      // A third of the half tolerance as deviation: the sum of twelve even draws is normal enough, and bounded.
      let sum = -6;
      for (let i = 0; i < 12; i++) sum += random();
      mm += sense * (nominalMm + (plusMm - minusMm) / 2 + (sum * (plusMm + minusMm)) / 6);
    }
    const bin = Math.floor(((mm - worstMinimumMm) / width) * bins);
    counts[Math.min(bins - 1, Math.max(0, bin))]!++;
  }
  return { fromMm: worstMinimumMm, toMm: worstMinimumMm + width, counts };
}

/**
 * Effect of a chain on its seat.
 *
 * @param chain links, stiffness N/mm, greatest load N
 * @param stockMm sizes in stock of the link that is picked, mm
 * @param driveLoadN load at which the drive breaks the valve open no more, N; null where none is known
 * @returns compression and load as `seatStack`, probability of a loose and of an over-compressed seat, a histogram of
 *   seeded trials, the greatest scatter, the correction, and the effect of each part in stock
 * @source `seatStack`; over-compressed above the greatest load, of the same normal distribution
 */
export function assessStack(
  chain: SeatChain,
  stockMm: readonly number[] = [],
  driveLoadN: number | null = null,
): StackAssessment {
  const { stiffnessNPerMm } = chain;
  const mostLoadN = Math.min(chain.mostLoadN, driveLoadN ?? Number.POSITIVE_INFINITY);
  const stackFor = (links: readonly ChainLink[]) => {
    const reckonedLinks = links.map(reckoned);
    const stack = seatStack({ links: reckonedLinks, axialStiffnessNPerMm: stiffnessNPerMm });
    return { reckonedLinks, stack, over: overOf(stack, mostLoadN / stiffnessNPerMm) };
  };
  const { reckonedLinks, stack, over } = stackFor(chain.links);
  const scatters = chain.links
    .filter(({ measuredMm }) => measuredMm === null)
    .sort((a, b) => b.plusMm + b.minusMm - (a.plusMm + a.minusMm));
  const targetN = mostLoadN / 2;
  const stock = stockMm.map((sizeMm): StockChoice => {
    const tried = stackFor(chain.links.map((link) => (link.picked ? { ...link, measuredMm: sizeMm } : link)));
    return {
      sizeMm,
      loadAtMeanN: tried.stack.loadAtMeanN,
      probabilityLoose: tried.stack.probabilityLoose,
      probabilityOver: tried.over,
    };
  });
  return {
    ...stack,
    mostLoadN,
    driveBearsLess: mostLoadN < chain.mostLoadN,
    correct: correctionOf(chain, stack, over, targetN),
    targetN,
    probabilityOver: over,
    histogram: drawn(reckonedLinks, stack),
    worstLink: scatters[0]?.name ?? null,
    stock: stock.sort((a, b) => Math.abs(a.loadAtMeanN - targetN) - Math.abs(b.loadAtMeanN - targetN)),
  };
}
