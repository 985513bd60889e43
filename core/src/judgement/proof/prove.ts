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

/** A failing candidate shown when none is suitable, and what it misses. */
export interface NearestMiss {
  readonly candidate: ProvenCandidate;
  readonly misses: readonly Finding[];
}

/** Findings on a duty before anything is selected for it. */
export interface DutyProof {
  readonly duty: SettledDuty;
  readonly missing: readonly Missing[];
  /** Verdict on the duty itself: *cannot tell* while something is missing that must not be assumed. */
  readonly dutyVerdict: Verdict;
  /** Findings that the duty alone decides; the same for every candidate. */
  readonly dutyFindings: readonly Finding[];
}

/** Every candidate for a duty with every finding, best first. */
export interface Proof extends DutyProof {
  readonly candidates: readonly ProvenCandidate[];
  readonly standing: number;
  /** Filled only when none is suitable. */
  readonly nearestMisses: readonly NearestMiss[];
}

/** The nearest of each way of missing: same line and same failing rules are shown once. */
function nearest(ranked: readonly ProvenCandidate[], maximum: number): NearestMiss[] {
  const seen = new Set<string>();
  const misses: NearestMiss[] = [];
  for (const candidate of ranked) {
    const failing = candidate.failing;
    const way = `${candidate.valve.line.id}|${failing.map((f) => f.rule).join()}`;
    if (seen.has(way)) continue;
    seen.add(way);
    misses.push({ candidate, misses: failing });
    if (misses.length === maximum) break;
  }
  return misses;
}

/**
 * Examines the rules that the duty alone decides, and lists what is missing from it.
 *
 * @param duty settled duty
 * @param house house rules
 * @returns findings and missing values
 * @source rules that depend on no part of a candidate
 */
export function proveDuty(duty: SettledDuty, house: HouseRules): DutyProof {
  const missing = missingFrom(duty.stated, house);
  const dutyFindings = rules
    .filter(({ dependsOn }) => dependsOn.length === 0)
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
 * @param order order among candidates of equal verdict; price by default
 * @returns the proof; no candidates without a size; nearest misses when none is suitable
 * @source duty → candidates → findings → proof
 */
export function prove(duty: Duty, offer: Offer, house: HouseRules, order: Order = "price"): Proof {
  const proving = prover(duty, offer, house);
  const candidates = rank(proving.candidates(), house, order);
  const firstFallen = candidates.findIndex((c) => c.fails > 0);
  const standing = firstFallen < 0 ? candidates.length : firstFallen;
  return {
    ...proveDuty(proving.duty, house),
    candidates,
    standing,
    nearestMisses: standing === 0 ? nearest(candidates, 3) : [],
  };
}
