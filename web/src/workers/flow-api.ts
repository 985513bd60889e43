import { settle } from "@proven-seat/core/duty";
import {
  type BasisCost,
  basisCost,
  type FlowStroke,
  flowStroke,
  type TrimTried,
  trimsTried,
} from "@proven-seat/core/judgement/proof";
import { candidateOf, type Proving } from "./proving.ts";

/** Cost of the differential that is not in force; null for a bare stem. */
export function basisOf(proving: Proving, key: string): BasisCost | null {
  const candidate = candidateOf(proving, key);
  return candidate ? basisCost(proving.duty, proving.shelf, proving.house, candidate) : null;
}

/** Results of a candidate's trim over its stroke; null without flow. */
export function flowStrokeOf({ duty, house, ...proving }: Proving, key: string): FlowStroke | null {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  return candidate ? flowStroke(candidate, settle(duty, house), house) : null;
}

/** Every trim that fits a candidate's body, with its result in every case. */
export function trimsOfCandidate({ duty, house, ...proving }: Proving, key: string): TrimTried[] {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  return candidate ? trimsTried(candidate, settle(duty, house), house) : [];
}
