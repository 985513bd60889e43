import type { Fitted } from "../../equipment/accessories/fittings.ts";
import { seatName, type Valve } from "../../equipment/catalogue/valve.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import { gravityOf } from "../rules/finding.ts";
import type { Finding, FindingDescription } from "../rules/found.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { waitingAmong } from "./counts.ts";
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
    seat: seatName(valve.seat),
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

export interface FittedDescription {
  readonly kind: string;
  readonly maker: string;
  readonly family: string;
  readonly item: string;
  readonly pieces: number;
  readonly weightKg: number;
  readonly price: number;
}

/**
 * Describes the mounted accessories in words and figures.
 *
 * @param fitted an item in its number
 * @returns its description; price and weight of all pieces
 * @source the catalogue
 */
function describeFitted({ kind, family, item, pieces, weightKg, price }: Fitted): FittedDescription {
  return { kind, maker: family.maker, family: family.name, item: item.id, pieces, weightKg, price };
}

/** A candidate as documents and the API carry it. */
export interface CandidateDescription
  extends Omit<
    ProvenCandidate,
    "valve" | "train" | "drive" | "fitted" | "demand" | "heldBackBy" | "findings" | "failing"
  > {
  readonly valve: ValveDescription;
  readonly drive: DriveDescription | null;
  /** Accessories mounted on the actuator; absent where there are none. */
  readonly fitted?: readonly FittedDescription[];
  readonly heldBackBy: string | null;
  readonly findings: readonly FindingDescription[];
}

/** How much of a candidate is described: counts only, findings that are not *holds*, or all findings. */
export const details = ["brief", "grave", "full"] as const;
export type Detail = (typeof details)[number];

const isDescribed: Record<Detail, (finding: Finding) => boolean> = {
  brief: () => false,
  grave: ({ verdict }) => gravityOf(verdict) > gravityOf("holds"),
  full: () => true,
};

/**
 * Describes a proven candidate with its findings.
 *
 * @param candidate from a proof
 * @param detail every finding by default; "brief" none, "grave" what fails, waits or is tight
 * @returns plain data; `heldBackBy` is the rule's id
 * @source the proof
 */
export function describeCandidate(candidate: ProvenCandidate, detail: Detail = "full"): CandidateDescription {
  const {
    key,
    valve,
    drive,
    fitted,
    verdict,
    stations,
    fails,
    cannotTell,
    tight,
    mild,
    heldBackBy,
    leastMargin,
    leastReserve,
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
    ...(fitted.length > 0 && { fitted: fitted.map(describeFitted) }),
    verdict,
    stations,
    fails,
    cannotTell,
    tight,
    mild,
    heldBackBy: heldBackBy?.rule ?? null,
    leastMargin,
    leastReserve,
    shortfall,
    breakNm,
    price,
    weightKg,
    findings: findings.filter(isDescribed[detail]).map((finding) => finding.toJSON()),
  };
}

/** A proof as the command and the API print it. */
export interface ProofDescription {
  readonly dutyVerdict: Proof["dutyVerdict"];
  readonly missing: Proof["missing"];
  readonly considered: number;
  readonly standing: number;
  /** Those of `standing` with a *cannot tell*. */
  readonly cannotTell: number;
  readonly candidates: readonly CandidateDescription[];
  readonly nearestMisses: readonly { readonly candidate: string; readonly misses: readonly string[] }[];
  /** Findings that the duty alone decides; they are the same for every candidate. */
  readonly dutyFindings: readonly FindingDescription[];
  /** Constructions that no product line offers; only on request. */
  readonly byConstruction?: readonly ConstructionDescription[];
}

/** A construction as the rules of body and envelope see it, independent of any maker. */
export interface ConstructionDescription {
  readonly construction: string;
  readonly name: string;
  readonly stands: boolean;
  /** Rules of body and envelope that no choice of parts gets round. */
  readonly failing: readonly string[];
  readonly candidate: CandidateDescription;
}

/** Which part of a proof is printed. */
export interface Printed {
  /** How many candidates, best first; all when omitted. */
  readonly most?: number;
  readonly detail?: Detail;
  /** Only the suitable ones. */
  readonly standingOnly?: boolean;
}

/**
 * Describes a whole proof.
 *
 * @param proof from `prove`
 * @param printed how many candidates, which and how much of each; all of all when omitted
 * @returns plain data with the ranked candidates and their findings
 * @source the proof
 */
export function describeProof(
  proof: Proof,
  { most: maximum = Number.POSITIVE_INFINITY, detail = "full", standingOnly = false }: Printed = {},
): ProofDescription {
  const shown = standingOnly ? Math.min(maximum, standingOf(proof)) : maximum;
  return {
    dutyVerdict: proof.dutyVerdict,
    dutyFindings: proof.dutyFindings.map((finding) => finding.toJSON()),
    missing: proof.missing,
    considered: proof.candidates.length,
    standing: standingOf(proof),
    cannotTell: waitingAmong(proof.candidates.slice(0, proof.standing)),
    candidates: proof.candidates.slice(0, shown).map((c) => describeCandidate(c, detail)),
    nearestMisses: proof.nearestMisses.map(({ candidate, misses }) => ({
      candidate: candidate.key,
      misses: misses.map((f) => f.rule),
    })),
  };
}

/** Candidates nothing fails and nothing waits for; ranked, they come first. */
function standingOf({ candidates }: Proof): number {
  const first = candidates.findIndex((c) => c.fails > 0 || c.cannotTell > 0);
  return first < 0 ? candidates.length : first;
}
