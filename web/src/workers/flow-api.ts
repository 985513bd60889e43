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

/** What the differential not in force would cost; null for a bare stem. */
export function basisOf(proving: Proving, key: string): BasisCost | null {
  const candidate = candidateOf(proving, key);
  return candidate ? basisCost(proving.duty, proving.shelf, proving.house, candidate) : null;
}

/** What the trim of a candidate does over its stroke; null where nothing flows. */
export function flowStrokeOf({ duty, house, ...proving }: Proving, key: string): FlowStroke | null {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  return candidate ? flowStroke(candidate, settle(duty, house), house) : null;
}

/** Every trim that goes into a candidate's body, with what it makes of every case. */
export function trimsOfCandidate({ duty, house, ...proving }: Proving, key: string): TrimTried[] {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  return candidate ? trimsTried(candidate, settle(duty, house), house) : [];
}
