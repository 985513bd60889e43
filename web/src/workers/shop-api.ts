import type { HouseRules } from "@proven-seat/core/basis/house";
import { type SettledDuty, settle } from "@proven-seat/core/duty";
import { fittingSteps, fitUpPicture, type ProvenCandidate } from "@proven-seat/core/judgement/proof";
import type { Step } from "@proven-seat/core/mechanics/fit-up";
import {
  assessStack,
  chainOf,
  driveLoadN,
  type LeakPicture,
  type LeakPlace,
  leakPicture,
  type Observation,
  type PlanKind,
  type SeatChain,
  type ShopPlan,
  type StackAssessment,
  shopPlan,
} from "@proven-seat/core/outcome/shop";
import { candidateOf, type Proving } from "./proving.ts";

/** A work plan for a candidate; null where it no longer exists. */
export function planOf({ duty, house, ...proving }: Proving, key: string, kind: PlanKind): ShopPlan | null {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  if (!candidate) return null;
  const settled = settle(duty, house);
  const { valve, drive } = candidate;
  const fitting = kind === "fit the drive" ? putOn(candidate, settled, house) : [];
  return shopPlan(kind, { valve, drive, duty: settled, house, fitting });
}

const putOn = (candidate: ProvenCandidate, settled: SettledDuty, house: HouseRules) =>
  fittingSteps(fitUpPicture(candidate, settled, house).fitUp, candidate.drive, house);

/** Mounting of a candidate's actuator; nothing where it no longer exists. */
export function fittingOf({ duty, house, ...proving }: Proving, key: string): readonly Step[] {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  return candidate ? putOn(candidate, settle(duty, house), house) : [];
}

/** The leak trace of a candidate; null where it no longer exists. */
export function leakOf(
  { duty, house, ...proving }: Proving,
  key: string,
  place: LeakPlace,
  seen: readonly Observation[],
): LeakPicture | null {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  return candidate ? leakPicture(candidate.valve, settle(duty, house), house, place, seen) : null;
}

/** The chain of dimensions that presses a candidate's seat; null where none does. */
export function chainOfCandidate(proving: Proving, key: string): SeatChain | null {
  const candidate = candidateOf(proving, key);
  return candidate ? chainOf(candidate.valve) : null;
}

/** Effect of a chain on a candidate's seat and on its actuator. */
export function stackOf(
  { duty, house, ...proving }: Proving,
  key: string,
  chain: SeatChain,
  stockMm: readonly number[],
): StackAssessment {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  if (candidate === undefined) return assessStack(chain, stockMm);
  const { valve, drive } = candidate;
  return assessStack(chain, stockMm, driveLoadN({ valve, drive, duty: settle(duty, house), house }));
}
