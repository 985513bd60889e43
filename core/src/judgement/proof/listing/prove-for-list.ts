import type { HouseRules } from "../../../basis/house/house-rules.ts";
import { settle } from "../../../duty/settling/settle.ts";
import type { Duty } from "../../../duty/statement/duty.ts";
import type { Shelf } from "../../../equipment/catalogue/shelf.ts";
import { offerFor } from "../../../equipment/on-site/offer.ts";
import { rules } from "../../rules/rules.ts";
import type { ProvenCandidate } from "../candidate.ts";
import { pairingsFor } from "../pairings.ts";
import { type DutyProof, proveDuty } from "../prove.ts";
import { rank } from "../rank.ts";
import { sharedFindings } from "../sharing/shared-findings.ts";
import { Search } from "./search.ts";

/** Proof of one tag for a list: the suitable candidates in order, and the rest as a number. */
export interface ListedProof extends DutyProof {
  readonly standing: readonly ProvenCandidate[];
  readonly considered: number;
  /** First of the proof: the best suitable candidate, else the nearest miss; null without candidates. */
  readonly best: ProvenCandidate | null;
}

/**
 * Proves a duty for a list: the same suitable candidates in the same order as `prove`, the same best and the same
 * number considered. Parts are judged once; combinations with a part that fails are counted without being assembled.
 *
 * @param duty as entered: bar g, °C; null where unknown
 * @param shelf a compiled catalogue
 * @param house house rules
 * @returns suitable candidates, best first, and how many were considered; none without a size
 * @source duty → candidates → findings → proof; branch and bound over the parts of a candidate
 */
export function proveForList(duty: Duty, shelf: Shelf, house: HouseRules): ListedProof {
  const settled = settle(duty, house);
  const ofDuty = proveDuty(settled, house);
  const sizes = duty.dn === null ? [] : offerFor(duty, shelf).sizesFor(duty.dn);
  const first = sizes[0]?.valves[0];
  if (first === undefined) return { ...ofDuty, standing: [], considered: 0, best: null };
  const pairings = pairingsFor(settled, shelf, house);
  // All valves of one shelf share a numbering.
  const found = sharedFindings(rules, settled, house, first.identity.by, pairings.trains);
  const search = new Search(found, pairings);
  const outlooks = search.outlooks(sizes);
  const standing = rank(search.standing(outlooks), house);
  const best = standing[0] ?? rank(search.nearest(outlooks), house)[0] ?? null;
  const considered = sizes.reduce((sum, { valves }) => sum + valves.length * pairings.count(valves[0]!), 0);
  return { ...ofDuty, standing, considered, best };
}
