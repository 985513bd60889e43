import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import type { Offer } from "../../equipment/catalogue/shelf.ts";
import { kindOf } from "../../equipment/drives/drive-kinds.ts";
import type { Verdict } from "../rules/finding.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { prover } from "./prover.ts";

/** The actuator that would be picked if torque were taken at the other differential. */
export interface BasisCost {
  /** The differential not in force. */
  readonly basis: HouseRules["sizingBasis"];
  readonly key: string;
  readonly drive: string;
  readonly variant: string;
  readonly breakNm: number | null;
  readonly priceStep: number;
  readonly verdict: Verdict;
}

/**
 * The price difference between sizing by the rated and by the actual differential.
 *
 * @param duty as entered
 * @param offer drives on offer
 * @param house house rules, with the basis in force
 * @param candidate selected valve and actuator
 * @returns the actuator of the same supply picked by the other basis, with the price difference; null for a bare stem,
 *   or where no actuator of that supply is offered
 * @source the same choice of a drive as the proof, by the other basis
 */
export function basisCost(
  duty: Duty,
  offer: Offer,
  house: HouseRules,
  { valve, drive, price }: Pick<ProvenCandidate, "valve" | "drive" | "price">,
): BasisCost | null {
  if (!drive) return null;
  const basis = house.sizingBasis === "actual" ? "rated" : "actual";
  const { supply } = kindOf(drive.family);
  const picked = prover(duty, offer, { ...house, sizingBasis: basis })
    .suited(valve)
    .find((c) => c.drive && kindOf(c.drive.family).supply === supply);
  if (!picked?.drive) return null;
  return {
    basis,
    key: picked.key,
    drive: picked.drive.sizeId,
    variant: picked.drive.variant,
    breakNm: picked.breakNm,
    priceStep: picked.price - price,
    verdict: picked.stations.drive,
  };
}
