import type { Offer } from "../catalogue/shelf.ts";
import { type Missing, missingFrom } from "../duty/completeness.ts";
import type { Duty } from "../duty/duty.ts";
import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import { gravest, type Verdict } from "../rules/finding.ts";
import type { Finding } from "../rules/found.ts";
import { rules } from "../rules/index.ts";
import type { Judged } from "../rules/judged.ts";
import { examined } from "../rules/rule.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { prover } from "./prover.ts";
import { type Order, rank } from "./rank.ts";

/** A failing candidate worth showing when nothing stands, and what it misses. */
export interface NearestMiss {
  readonly candidate: ProvenCandidate;
  readonly misses: readonly Finding[];
}

/** Every candidate for a duty with every finding, best first. */
export interface Proof {
  readonly duty: SettledDuty;
  readonly missing: readonly Missing[];
  /** Verdict on the duty itself: *cannot tell* while something is missing that must not be assumed. */
  readonly dutyVerdict: Verdict;
  /** What the duty alone decides, the same for every candidate. */
  readonly dutyFindings: readonly Finding[];
  readonly candidates: readonly ProvenCandidate[];
  readonly standing: number;
  /** Filled only when nothing stands. */
  readonly nearestMisses: readonly NearestMiss[];
}

/** The nearest of each way of missing: same line and same failing rules are shown once. */
function nearest(ranked: readonly ProvenCandidate[], most: number): NearestMiss[] {
  const seen = new Set<string>();
  const misses: NearestMiss[] = [];
  for (const candidate of ranked) {
    const failing = candidate.failing;
    const way = `${candidate.valve.line.id}|${failing.map((f) => f.rule).join()}`;
    if (seen.has(way)) continue;
    seen.add(way);
    misses.push({ candidate, misses: failing });
    if (misses.length === most) break;
  }
  return misses;
}

/** Findings of the rules that hang on no part of a candidate. */
function findingsOfDuty(duty: SettledDuty, house: HouseRules): Finding[] {
  return rules
    .filter(({ hangsOn }) => hangsOn.length === 0)
    .map((rule) => examined(rule, { duty, house } as Judged));
}

/**
 * Proves a duty: every candidate of the shelf, every rule, every case, ranked.
 *
 * @param duty as entered: bar g, °C; null where unknown
 * @param offer a compiled catalogue, or less
 * @param house house rules
 * @param order what decides between candidates of equal verdict, price unless said otherwise
 * @returns the proof; no candidates without a size; nearest misses when nothing stands
 * @source duty → candidates → findings → proof
 */
export function prove(duty: Duty, offer: Offer, house: HouseRules, order: Order = "price"): Proof {
  const one = prover(duty, offer, house);
  const candidates = rank(one.candidates(), house, order);
  const missing = missingFrom(duty, house);
  const dutyFindings = findingsOfDuty(one.duty, house);
  const firstFallen = candidates.findIndex((c) => c.fails > 0);
  const standing = firstFallen < 0 ? candidates.length : firstFallen;
  return {
    duty: one.duty,
    missing,
    dutyFindings,
    dutyVerdict: gravest([
      missing.some((m) => m.assumption === null) ? "cannot tell" : "holds",
      ...dutyFindings.map((f) => f.verdict),
    ]),
    candidates,
    standing,
    nearestMisses: standing === 0 ? nearest(candidates, 3) : [],
  };
}
