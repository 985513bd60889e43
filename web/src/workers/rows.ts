import type { Duty } from "@proven-seat/core/duty";
import { settle } from "@proven-seat/core/duty";
import { isEnquiry } from "@proven-seat/core/enquiry";
import type { HouseRules } from "@proven-seat/core/house";
import {
  describeCandidate,
  describeDrive,
  describeValve,
  envelopeOf,
  type ProvenCandidate,
  strokePicture,
} from "@proven-seat/core/proof";
import { type Finding, seatLoad } from "@proven-seat/core/rules";
import type { CandidateDetail, CandidateRow, HeldBy, SectionData } from "./views.ts";

export const heldBy = (f: Finding | null): HeldBy | null =>
  f && {
    rule: f.rule,
    asks: f.asks,
    verdict: f.verdict,
    value: f.value,
    limit: f.limit,
    sense: f.sense,
    unit: f.unit,
    margin: f.margin,
    marginUnit: f.marginUnit,
    caseName: f.caseName,
    says: f.says,
  };

/** Candidates shown as one row: alike in line, class, cavity, seat and family of drives. */
export const groupOf = ({ valve, drive }: ProvenCandidate) =>
  `${valve.line.id}|${valve.size.designation}|${valve.cavity.id}|${valve.seat.material.id}|${drive?.family.id ?? "bare stem"}`;

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

function sectionOf({ valve }: ProvenCandidate, differentialBar: number): SectionData {
  const { geometry, boreMm, stemDiameterMm, faceToFaceMm } = valve.size;
  const { construction } = valve;
  const across = geometry.seatContactDiameterMm;
  return {
    construction: construction.id,
    dimensions: {
      boreMm,
      closureDiameterMm: geometry.closureDiameterMm,
      seatContactDiameterMm: across,
      seatWidthMm: geometry.seatWidthMm,
      stemDiameterMm,
      offsetsMm: geometry.offsetsMm,
      faceToFaceMm,
    },
    dimensionsEstimated: isEnquiry(valve.key),
    cavity: valve.cavity,
    differentialBar,
    thrustN: differentialBar * 0.1 * (Math.PI / 4) * across * across,
    seatLoadN: seatLoad(valve, differentialBar).loadN,
    parts: construction.parts,
    leakPaths: construction.leakPaths,
    strengths: construction.strengths,
    limits: construction.limits,
  };
}

/** Everything the bench shows of one candidate. */
export function detailOf(c: ProvenCandidate, duty: Duty, house: HouseRules): CandidateDetail {
  const settled = settle(duty, house);
  const worst = Math.max(
    0,
    ...settled.cases.filter((o) => o.mayBeShut && o.kind !== "fire").map((o) => o.closedDifferentialBar ?? 0),
  );
  return {
    candidate: describeCandidate(c),
    envelope: envelopeOf(c, settled, house),
    stroke: strokePicture(c, settled),
    section: sectionOf(c, worst),
    enquiry: isEnquiry(c.key),
  };
}
