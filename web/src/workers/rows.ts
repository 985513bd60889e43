import type { HouseRules } from "@proven-seat/core/basis/house";
import type { Duty } from "@proven-seat/core/duty";
import { settle } from "@proven-seat/core/duty";
import { isByConstruction } from "@proven-seat/core/equipment/unlisted";
import {
  describeCandidate,
  describeDrive,
  describeValve,
  envelopeOf,
  fitUpPicture,
  flowPicture,
  heldBy,
  type ProvenCandidate,
  sectionData,
  strokePicture,
  torquePicture,
} from "@proven-seat/core/judgement/proof";
import { groupOf } from "./groups.ts";
import type { CandidateDetail, CandidateRow } from "./views.ts";

export const rowOf = (c: ProvenCandidate, more: number): CandidateRow => ({
  key: c.key,
  group: groupOf(c),
  valve: describeValve(c.valve),
  drive: c.drive && describeDrive(c.drive),
  verdict: c.verdict,
  heldBy: heldBy(c.heldBackBy),
  leastMargin: c.leastMargin,
  breakNm: c.breakNm,
  price: c.price,
  weightKg: c.weightKg,
  more,
});

/** Everything the bench shows of one candidate. */
export function detailOf(c: ProvenCandidate, duty: Duty, house: HouseRules): CandidateDetail {
  const settled = settle(duty, house);
  const byConstruction = isByConstruction(c.valve.key);
  return {
    candidate: describeCandidate(c),
    envelope: envelopeOf(c, settled, house),
    stroke: strokePicture(c, settled),
    torque: torquePicture(c, settled),
    fitUp: fitUpPicture(c, settled, house),
    flow: flowPicture(c, settled, house),
    section: sectionData(c.valve, settled, byConstruction),
    byConstruction,
    group: groupOf(c),
  };
}
