import { settle } from "@proven-seat/core/duty";
import { offerFor } from "@proven-seat/core/equipment/on-site";
import {
  type AirPicture,
  airPicture,
  type CorrosionPicture,
  corrosionPictures,
  prover,
  type SeatStep,
  type SupplyLadder,
  seatLadder,
  supplyLadder,
} from "@proven-seat/core/judgement/proof";
import { type StallChance, stallChance } from "@proven-seat/core/mechanics/torque";
import { candidateOf, type Proving } from "./proving.ts";

/** Seats the line of a candidate offers, coolest first. */
export function ladderOf(proving: Proving, key: string): SeatStep[] {
  const { duty, shelf, house } = proving;
  const candidate = candidateOf(proving, key);
  if (!candidate || duty.dn === null) return [];
  const ofDuty = prover(duty, shelf, house);
  return seatLadder(ofDuty, candidate, offerFor(duty, shelf).valvesFor(duty.dn));
}

/** Corrosion borders of a candidate's wetted materials. */
export function corrosionOf({ duty, house, ...proving }: Proving, key: string): CorrosionPicture[] {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  return candidate ? corrosionPictures(candidate.valve, settle(duty, house)) : [];
}

/** A fixed number of trials from a fixed seed: the same digits for every reader. */
const chanceOf = { trials: 100_000, seed: 4180 } as const;

/** Chance that the drive of a candidate stalls; null for a bare stem, or where the demand is not known. */
export function stallOf({ duty, house, ...proving }: Proving, key: string): StallChance | null {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  if (!candidate?.drive) return null;
  const { valve, drive, demand } = candidate;
  return stallChance({ valve, drive, demand }, settle(duty, house), house, chanceOf);
}

/** Savings or cost of each step of the lowest supply; null where no pressure turns the candidate. */
export function suppliesOf(proving: Proving, key: string): SupplyLadder | null {
  const candidate = candidateOf(proving, key);
  if (!candidate) return null;
  return supplyLadder(proving.duty, proving.shelf, proving.house, candidate);
}

/** Air of a candidate; null where air does not drive it. */
export function airOf({ duty, house, ...proving }: Proving, key: string): AirPicture | null {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  return candidate ? airPicture(candidate, settle(duty, house), house, proving.shelf.accessories) : null;
}
