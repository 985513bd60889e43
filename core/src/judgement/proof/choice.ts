import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import type { Offer } from "../../equipment/catalogue/shelf.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import { offerFor } from "../../equipment/on-site/offer.ts";
import type { Rule } from "../rules/rule.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { prover } from "./prover.ts";

/** A valve and an actuator selected by a person, by their keys. */
export interface ChoiceKeys {
  readonly valve: string;
  readonly drive: string | null;
}

/**
 * Finds the selected valve and actuator among those offered.
 *
 * @param duty its size says where to look
 * @param offer a compiled catalogue
 * @param choice keys of valve and drive
 * @returns valve and drive (null for a bare stem), or null where either is gone
 */
export function findChoice(
  duty: Duty,
  offer: Offer,
  choice: ChoiceKeys,
): { readonly valve: Valve; readonly drive: Drive | null } | null {
  const valve =
    duty.dn === null
      ? undefined
      : offerFor(duty, offer)
          .valvesFor(duty.dn)
          .find((v) => v.key === choice.valve);
  if (valve === undefined) return null;
  if (choice.drive === null) return { valve, drive: null };
  for (const { drives } of offer.families) {
    const drive = drives.find((d) => d.key === choice.drive);
    if (drive !== undefined) return { valve, drive };
  }
  return null;
}

/**
 * Judges a selection, which may include an actuator the prover would not pick itself.
 *
 * @param duty as entered
 * @param offer a compiled catalogue
 * @param house house rules
 * @param choice keys of valve and drive
 * @param rules all there are, where not given
 * @returns the candidate with its findings, or null where valve or drive is gone
 */
export function judgeChoice(
  duty: Duty,
  offer: Offer,
  house: HouseRules,
  choice: ChoiceKeys,
  rules?: readonly Rule[],
): ProvenCandidate | null {
  const found = findChoice(duty, offer, choice);
  return found && prover(duty, offer, house, rules).judge(found.valve, found.drive);
}
