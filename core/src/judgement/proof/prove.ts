import type { HouseRules } from "../../basis/house/house-rules.ts";
import { type Missing, missingFrom } from "../../duty/settling/completeness.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import type { Offer } from "../../equipment/catalogue/shelf.ts";
import { gravest, type Verdict } from "../rules/finding.ts";
import type { Finding } from "../rules/found.ts";
import type { Judged } from "../rules/judged.ts";
import { examined } from "../rules/rule.ts";
import { rules } from "../rules/rules.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { prover } from "./prover.ts";
import { type Order, rank } from "./rank.ts";

/** A failing candidate worth showing when nothing stands, and what it misses. */
export interface NearestMiss {
  readonly candidate: ProvenCandidate;
  readonly misses: readonly Finding[];
}

/** What is found of a duty before anything is selected for it. */
export interface DutyProof {
  readonly duty: SettledDuty;
  readonly missing: readonly Missing[];
  /** Verdict on the duty itself: *cannot tell* while something is missing that must not be assumed. */
  readonly dutyVerdict: Verdict;
  /** What the duty alone decides, the same for every candidate. */
  readonly dutyFindings: readonly Finding[];
}

/** Every candidate for a duty with every finding, best first. */
export interface Proof extends DutyProof {
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

/**
 * Proves what the duty alone decides, and names what is missing from it.
 *
 * @param duty settled duty
 * @param house house rules
 * @returns its findings and what is missing
 * @source rules that hang on no part of a candidate
 */
export function proveDuty(duty: SettledDuty, house: HouseRules): DutyProof {
  const missing = missingFrom(duty.stated, house);
  const dutyFindings = rules
    .filter(({ hangsOn }) => hangsOn.length === 0)
    .map((rule) => examined(rule, { duty, house } as Judged));
  return {
    duty,
    missing,
    dutyFindings,
    dutyVerdict: gravest([
      missing.some((m) => m.assumption === null) ? "cannot tell" : "holds",
      ...dutyFindings.map((f) => f.verdict),
    ]),
  };
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
  const firstFallen = candidates.findIndex((c) => c.fails > 0);
  const standing = firstFallen < 0 ? candidates.length : firstFallen;
  return {
    ...proveDuty(one.duty, house),
    candidates,
    standing,
    nearestMisses: standing === 0 ? nearest(candidates, 3) : [],
  };
}
