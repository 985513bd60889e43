import {
  type Finding,
  gravityOf,
  type RuleStation,
  ruleStations,
  type Verdict,
  verdictsByGravity,
} from "../rules/finding.ts";

/** Findings of one part of a candidate, gathered once and shared by every candidate with that part. */
export interface Block {
  /** Findings of its own; what it is joined from keeps its own, so that joining copies nothing. */
  readonly own: readonly PlacedFinding[];
  readonly joins: readonly Block[];
  readonly fails: number;
  readonly cannotTell: number;
  readonly tight: number;
  /** Sum of what failing limits are missed by; a fail without a margin counts 1. */
  readonly shortfall: number;
  readonly leastMargin: number | null;
  /** The finding that holds the part back; ties go to the earlier rule. */
  readonly heldBackBy: HeldBack | null;
  /** Gravest verdict at each station, as gravity, in the order of `ruleStations`. */
  readonly gravities: readonly number[];
}

/** A finding with its place in the order of the rules. */
export interface PlacedFinding {
  readonly at: number;
  readonly finding: Finding;
}

export interface HeldBack {
  readonly finding: Finding;
  readonly at: number;
  readonly gravity: number;
  readonly closeness: number;
}

/** Kelvin are set against a hundred so that a few kelvin weigh like a few per cent. */
function closenessOf(finding: Finding): number {
  if (finding.margin === null) return finding.verdict === "holds" ? Number.POSITIVE_INFINITY : 0;
  return finding.marginUnit === "K" ? finding.margin / 100 : finding.margin;
}

/**
 * The graver of two findings that hold a candidate back.
 *
 * @param a one, or none
 * @param b another, or none
 * @returns the graver; then the closer to its limit; then the earlier rule
 * @throws never
 * @source gravest finding decides
 * @example graver(null, null) // → null
 */
export function graver(a: HeldBack | null, b: HeldBack | null): HeldBack | null {
  if (a === null || b === null) return a ?? b;
  const difference = b.gravity - a.gravity || a.closeness - b.closeness || a.at - b.at;
  return difference > 0 ? b : a;
}

const none: readonly never[] = [];

function higher(a: readonly number[], b: readonly number[]): readonly number[] {
  const result = a.slice();
  for (let i = 0; i < result.length; i++) if (b[i]! > result[i]!) result[i] = b[i]!;
  return result;
}

/**
 * Every finding of a block and of what it was joined from.
 *
 * @param block a block
 * @returns findings with their place, in no order
 * @throws never
 * @source none: a walk through what was joined
 * @example findingsOf(blockOf([])).length // → 0
 */
export function findingsOf(block: Block): PlacedFinding[] {
  return [...block.own, ...block.joins.flatMap(findingsOf)];
}

/**
 * Gathers findings into a block.
 *
 * @param findings with their place in the order of the rules
 * @returns counts, gravest verdicts and the finding that holds the part back
 * @throws never
 * @source gravest finding decides
 * @example blockOf([]).fails // → 0
 */
export function blockOf(findings: readonly PlacedFinding[]): Block {
  let fails = 0;
  let cannotTell = 0;
  let tight = 0;
  let shortfall = 0;
  let leastMargin: number | null = null;
  let heldBackBy: HeldBack | null = null;
  const gravities = ruleStations.map(() => 0);
  for (const { at, finding } of findings) {
    const { verdict, margin } = finding;
    if (verdict === "not asked") continue;
    const gravity = gravityOf(verdict);
    const station = ruleStations.indexOf(finding.station);
    gravities[station] = Math.max(gravities[station]!, gravity);
    const inPercent = finding.marginUnit === "%" && margin !== null;
    if (verdict === "fails") {
      fails++;
      shortfall += inPercent ? -margin : 1;
    } else if (verdict === "cannot tell") cannotTell++;
    else if (verdict === "tight") tight++;
    // A limit that is held and wants no margin says nothing about how close the candidate is.
    const silent = verdict === "holds" && !finding.marginWanted;
    if (inPercent && !silent && (leastMargin === null || margin < leastMargin)) leastMargin = margin;
    heldBackBy = graver(heldBackBy, {
      finding,
      at,
      gravity: silent ? 0 : gravity,
      closeness: closenessOf(finding),
    });
  }
  return {
    own: findings,
    joins: none,
    fails,
    cannotTell,
    tight,
    shortfall,
    leastMargin,
    heldBackBy,
    gravities,
  };
}

/**
 * The smaller of two margins, where there are any.
 *
 * @param a fraction, or null
 * @param b fraction, or null
 * @returns the smaller; null of two nulls
 * @throws never
 * @source none
 * @example leastOf(0.2, null) // → 0.2
 */
export function leastOf(a: number | null, b: number | null): number | null {
  if (a === null) return b;
  return b === null || a < b ? a : b;
}

/**
 * Joins two blocks.
 *
 * @param a one block
 * @param b another, of other rules
 * @returns the block both make together
 * @throws never
 * @source counts add, verdicts take the gravest
 * @example joined(blockOf([]), blockOf([])).tight // → 0
 */
export function joined(a: Block, b: Block): Block {
  return {
    own: none,
    joins: [a, b],
    fails: a.fails + b.fails,
    cannotTell: a.cannotTell + b.cannotTell,
    tight: a.tight + b.tight,
    shortfall: a.shortfall + b.shortfall,
    leastMargin: leastOf(a.leastMargin, b.leastMargin),
    heldBackBy: graver(a.heldBackBy, b.heldBackBy),
    gravities: higher(a.gravities, b.gravities),
  };
}

/** Gravities back into verdicts: 4 *fails* … 0 *not asked*. */
const verdictOf = [...verdictsByGravity].reverse();

/**
 * Verdict of each station from its gravity.
 *
 * @param gravities in the order of `ruleStations`
 * @returns verdicts by station
 * @throws never
 * @source order of the bore marks
 * @example stationVerdicts([4, 0, 0, 0, 0]).body // → "fails"
 */
export function stationVerdicts(gravities: readonly number[]): Record<RuleStation, Verdict> {
  return {
    body: verdictOf[gravities[0]!]!,
    envelope: verdictOf[gravities[1]!]!,
    torque: verdictOf[gravities[2]!]!,
    drive: verdictOf[gravities[3]!]!,
    "fit-up": verdictOf[gravities[4]!]!,
  };
}
