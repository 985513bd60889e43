import type { Valve } from "../catalogue/valve.ts";
import type { Drive } from "../drives/index.ts";
import type { FindingDescription } from "../rules/found.ts";
import type { ProvenCandidate } from "./candidate.ts";
import type { Proof } from "./prove.ts";

/** A valve in the words a sheet needs. */
export interface ValveDescription {
  readonly key: string;
  readonly maker: string;
  readonly line: string;
  readonly construction: string;
  readonly constructionId: string;
  readonly entry: string;
  readonly port: string;
  readonly cavity: string;
  readonly dn: number;
  readonly designation: string;
  readonly ends: string;
  readonly bodyGrade: string;
  readonly trim: string;
  readonly seat: string;
  readonly seals: string;
  readonly stemSeal: string;
  readonly boreMm: number;
  readonly stemDiameterMm: number;
  readonly maximumStemTorqueNm: number;
  readonly pad: string;
  readonly faceToFaceMm: number | null;
  readonly weightKg: number;
  readonly price: number;
}

export interface DriveDescription {
  readonly key: string;
  readonly maker: string;
  readonly family: string;
  readonly kind: string;
  readonly size: string;
  readonly springSet: string | null;
  readonly action: string;
  readonly onSupplyLoss: string;
  readonly flange: string;
  readonly weightKg: number;
  readonly price: number;
}

/**
 * Describes a valve in words and figures.
 *
 * @param valve a valve of a checked catalogue
 * @returns its description, mm, N·m, kg, catalogue currency
 * @source the catalogue
 */
export function describeValve(valve: Valve): ValveDescription {
  const { line, size } = valve;
  return {
    key: valve.key,
    maker: line.maker,
    line: line.name,
    construction: valve.construction.name,
    constructionId: valve.construction.id,
    entry: valve.construction.entry,
    port: line.port,
    cavity: valve.cavity.name,
    dn: size.dn,
    designation: size.designation,
    ends: line.ends.join(", "),
    bodyGrade: valve.grade.grade,
    trim: valve.trim.name,
    seat: valve.seat.material.name,
    seals: valve.seals.name,
    stemSeal: valve.seals.stemSeal,
    boreMm: size.boreMm,
    stemDiameterMm: size.stemDiameterMm,
    maximumStemTorqueNm: size.maximumStemTorqueNm,
    pad: size.pad,
    faceToFaceMm: size.faceToFaceMm,
    weightKg: size.weightKg,
    price: valve.price,
  };
}

/**
 * Describes a drive in words and figures.
 *
 * @param drive a drive of a checked catalogue
 * @returns its description
 * @source the catalogue
 */
export function describeDrive(drive: Drive): DriveDescription {
  return {
    key: drive.key,
    maker: drive.family.maker,
    family: drive.family.name,
    kind: drive.family.kind,
    size: drive.sizeId,
    springSet: drive.springSet,
    action: drive.action,
    onSupplyLoss: drive.onSupplyLoss,
    flange: drive.flange,
    weightKg: drive.weightKg,
    price: drive.price,
  };
}

/** A candidate as documents and the API carry it. */
export interface CandidateDescription
  extends Omit<
    ProvenCandidate,
    "valve" | "train" | "drive" | "demand" | "heldBackBy" | "findings" | "failing"
  > {
  readonly valve: ValveDescription;
  readonly drive: DriveDescription | null;
  readonly heldBackBy: string | null;
  readonly findings: readonly FindingDescription[];
}

/**
 * Describes a proven candidate with all its findings.
 *
 * @param candidate from a proof
 * @returns plain data; `heldBackBy` is the rule's id
 * @source the proof
 */
export function describeCandidate(candidate: ProvenCandidate): CandidateDescription {
  const {
    key,
    valve,
    drive,
    verdict,
    stations,
    fails,
    cannotTell,
    tight,
    heldBackBy,
    leastMargin,
    shortfall,
    breakNm,
    price,
    weightKg,
    findings,
  } = candidate;
  return {
    key,
    valve: describeValve(valve),
    drive: drive && describeDrive(drive),
    verdict,
    stations,
    fails,
    cannotTell,
    tight,
    heldBackBy: heldBackBy?.rule ?? null,
    leastMargin,
    shortfall,
    breakNm,
    price,
    weightKg,
    findings: findings.map((finding) => finding.toJSON()),
  };
}

/** A proof as the command and the API print it. */
export interface ProofDescription {
  readonly dutyVerdict: Proof["dutyVerdict"];
  readonly missing: Proof["missing"];
  readonly considered: number;
  readonly standing: number;
  readonly candidates: readonly CandidateDescription[];
  readonly nearestMisses: readonly { readonly candidate: string; readonly misses: readonly string[] }[];
}

/**
 * Describes a whole proof.
 *
 * @param proof from `prove`
 * @param most how many candidates to print, best first; all when omitted
 * @returns plain data with the ranked candidates and their findings
 * @source the proof
 */
export function describeProof(proof: Proof, most = Number.POSITIVE_INFINITY): ProofDescription {
  return {
    dutyVerdict: proof.dutyVerdict,
    missing: proof.missing,
    considered: proof.candidates.length,
    standing: proof.standing,
    candidates: proof.candidates.slice(0, most).map(describeCandidate),
    nearestMisses: proof.nearestMisses.map(({ candidate, misses }) => ({
      candidate: candidate.key,
      misses: misses.map((f) => f.rule),
    })),
  };
}
