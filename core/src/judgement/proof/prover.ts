import type { HouseRules } from "../../basis/house/house-rules.ts";
import { settle } from "../../duty/settling/settle.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import type { Numbering } from "../../equipment/catalogue/identity.ts";
import type { Offer } from "../../equipment/catalogue/shelf.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import { offerFor } from "../../equipment/on-site/offer.ts";
import type { Rule } from "../rules/rule.ts";
import { rules as allRules } from "../rules/rules.ts";
import { CountedCandidate, type ProvenCandidate } from "./candidate.ts";
import { pairingsFor } from "./pairings.ts";
import { type Found, sharedFindings } from "./sharing/shared-findings.ts";

/** Proves the candidates of one duty. Findings and torque demands that candidates share are computed once. */
export interface Prover {
  readonly duty: SettledDuty;
  readonly candidates: () => ProvenCandidate[];
  readonly judge: (valve: Valve, drive: Drive | null) => ProvenCandidate;
  /** One valve with the drive of each supply that suits it. */
  readonly suited: (valve: Valve) => ProvenCandidate[];
  /** Every actuator of the families the duty allows, for one valve. */
  readonly drivesFor: (valve: Valve) => ProvenCandidate[];
}

/**
 * Sets up the proof of one duty against an offer.
 *
 * @param duty as entered: bar g, °C
 * @param onOffer valves by size and families of drives: a compiled catalogue, or less
 * @param house house rules
 * @param rules in the order of the work; all there are, where not given
 * @returns the prover; with no size stated it has no candidates
 * @source duty → candidates → findings
 */
export function prover(
  duty: Duty,
  onOffer: Offer,
  house: HouseRules,
  rules: readonly Rule[] = allRules,
): Prover {
  const offer = offerFor(duty, onOffer);
  const settled = settle(duty, house);
  const pairings = pairingsFor(settled, offer, house);
  /** Findings on the valves of one numbering. */
  const known = new Map<Numbering, Found>();
  const foundOf = ({ identity: { by } }: Valve): Found => {
    let found = known.get(by);
    if (found === undefined) {
      found = sharedFindings(rules, settled, house, by, pairings.trains);
      known.set(by, found);
    }
    return found;
  };
  const judge = (valve: Valve, drive: Drive | null): ProvenCandidate =>
    new CountedCandidate(valve, pairings.with(valve, drive), foundOf(valve));

  return {
    duty: settled,
    judge,
    suited: (valve) =>
      pairings.picked(valve).map((pair) => new CountedCandidate(valve, pair, foundOf(valve))),
    candidates: () => {
      const candidates: ProvenCandidate[] = [];
      if (duty.dn === null) return candidates;
      for (const valve of offer.valvesFor(duty.dn)) {
        const found = foundOf(valve);
        for (const pair of pairings.picked(valve)) candidates.push(new CountedCandidate(valve, pair, found));
      }
      return candidates;
    },
    drivesFor: (valve) => pairings.drivesFor(valve).map((drive) => judge(valve, drive)),
  };
}
