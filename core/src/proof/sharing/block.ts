import { gravityOf, type RuleStation, ruleStations, type Verdict } from "../../rules/finding.ts";
import { Finding, type Ruling } from "../../rules/found.ts";
import type { Outcome } from "../../rules/outcome.ts";

/** What was found on one part of a candidate, gathered once and shared by every candidate with that part. */
export interface Block {
  /** Outcomes of its own; what it is joined from keeps its own, so that joining copies nothing. */
  readonly own: readonly Outcome[];
  /** Place of the rule of each of them in the order of the work. */
  readonly places: readonly number[];
  readonly joins: readonly Block[];
  readonly fails: number;
  readonly cannotTell: number;
  readonly tight: number;
  /** Sum of what failing limits are missed by; a fail without a margin counts 1. */
  readonly shortfall: number;
  readonly leastMargin: number | null;
  /** The finding that holds the part back; ties go to the earlier rule. */
  readonly heldBackBy: HeldBack | null;
}

export interface HeldBack {
  readonly outcome: Outcome;
  /** Place of its rule in the order of the work. */
  readonly at: number;
  readonly gravity: number;
  readonly closeness: number;
}

/** Kelvin are set against a hundred so that a few kelvin weigh like a few per cent. */
function closenessOf(outcome: Outcome): number {
  if (outcome.kind !== "measured" || outcome.margin === null)
    return outcome.verdict === "holds" ? Number.POSITIVE_INFINITY : 0;
  return outcome.marginUnit === "K" ? outcome.margin / 100 : outcome.margin;
}

/**
 * The graver of two findings that hold a candidate back.
 *
 * @param a one, or none
 * @param b another, or none
 * @returns the graver; then the closer to its limit; then the earlier rule
 * @source gravest finding decides
 * @example graver(null, null) // → null
 */
export function graver(a: HeldBack | null, b: HeldBack | null): HeldBack | null {
  if (a === null || b === null) return a ?? b;
  const difference = b.gravity - a.gravity || a.closeness - b.closeness || a.at - b.at;
  return difference > 0 ? b : a;
}

const none: readonly never[] = [];

/**
 * Lays what was found out in the order of the rules, each with its rule's name on it.
 *
 * @param blocks each of other rules than the rest
 * @param rules in the order of the work
 * @returns their findings and those of what they were joined from
 * @example findingsOf([blockOf([], [])], []).length // → 0
 */
export function findingsOf(blocks: readonly Block[], rules: readonly Ruling[]): Finding[] {
  const laid: Finding[] = [];
  const lay = ({ own, places, joins }: Block): void => {
    places.forEach((at, i) => {
      laid[at] = new Finding(rules[at]!, own[i]!);
    });
    for (const block of joins) lay(block);
  };
  for (const block of blocks) lay(block);
  return laid.filter((finding) => finding !== undefined);
}

/**
 * Gathers outcomes into a block.
 *
 * @param outcomes of rules in rising order
 * @param places of those rules in the order of all, as many as outcomes
 * @returns counts, gravest verdicts and the finding that holds the part back
 * @source gravest finding decides
 * @example blockOf([], []).fails // → 0
 */
export function blockOf(outcomes: readonly Outcome[], places: readonly number[]): Block {
  let fails = 0;
  let cannotTell = 0;
  let tight = 0;
  let shortfall = 0;
  let leastMargin: number | null = null;
  let held = -1;
  let heldGravity = -1;
  let heldCloseness = 0;
  for (let i = 0; i < outcomes.length; i++) {
    const outcome = outcomes[i]!;
    const { verdict } = outcome;
    if (verdict === "not asked") continue;
    const measured = outcome.kind === "measured" ? outcome : null;
    const margin = measured === null ? null : measured.margin;
    const inPercent = margin !== null && measured!.marginUnit === "%";
    if (verdict === "fails") {
      fails++;
      shortfall += inPercent ? -margin : 1;
    } else if (verdict === "cannot tell") cannotTell++;
    else if (verdict === "tight") tight++;
    // A limit that is held and wants no margin says nothing about how close the candidate is.
    const silent = verdict === "holds" && measured !== null && !measured.marginWanted;
    if (inPercent && !silent && (leastMargin === null || margin < leastMargin)) leastMargin = margin;
    const gravity = silent ? 0 : gravityOf(verdict);
    if (gravity < heldGravity) continue;
    const closeness = closenessOf(outcome);
    if (gravity > heldGravity || closeness < heldCloseness) {
      held = i;
      heldGravity = gravity;
      heldCloseness = closeness;
    }
  }
  const heldBackBy =
    held < 0
      ? null
      : { outcome: outcomes[held]!, at: places[held]!, gravity: heldGravity, closeness: heldCloseness };
  return { own: outcomes, places, joins: none, fails, cannotTell, tight, shortfall, leastMargin, heldBackBy };
}

/**
 * The smaller of two margins, where there are any.
 *
 * @param a fraction, or null
 * @param b fraction, or null
 * @returns the smaller; null of two nulls
 * @example leastOf(0.2, null) // → 0.2
 */
export function leastOf(a: number | null, b: number | null): number | null {
  if (a === null) return b;
  return b === null || a < b ? a : b;
}

const nothing = blockOf(none, none);

/**
 * Joins blocks.
 *
 * @param blocks each of other rules than the rest; one is given back as it is, none is a block of nothing
 * @returns the block they make together
 * @source counts add, the gravest finding holds back
 * @example joined([]).tight // → 0
 */
export function joined(blocks: readonly Block[]): Block {
  const some = blocks.includes(nothing) ? blocks.filter((block) => block !== nothing) : blocks;
  if (some.length <= 1) return some[0] ?? nothing;
  let [fails, cannotTell, tight, shortfall] = [0, 0, 0, 0];
  let leastMargin: number | null = null;
  let heldBackBy: HeldBack | null = null;
  for (const block of some) {
    fails += block.fails;
    cannotTell += block.cannotTell;
    tight += block.tight;
    shortfall += block.shortfall;
    leastMargin = leastOf(leastMargin, block.leastMargin);
    heldBackBy = graver(heldBackBy, block.heldBackBy);
  }
  return {
    own: none,
    places: none,
    joins: blocks,
    fails,
    cannotTell,
    tight,
    shortfall,
    leastMargin,
    heldBackBy,
  };
}

/**
 * Gravest verdict at each station.
 *
 * @param findings of one candidate
 * @returns verdicts by station; *not asked* where none is
 * @source order of the bore marks
 * @example stationVerdicts([]).body // → "not asked"
 */
export function stationVerdicts(findings: readonly Finding[]): Record<RuleStation, Verdict> {
  const verdicts = Object.fromEntries(ruleStations.map((s) => [s, "not asked"])) as Record<
    RuleStation,
    Verdict
  >;
  for (const { station, verdict } of findings)
    if (gravityOf(verdict) > gravityOf(verdicts[station])) verdicts[station] = verdict;
  return verdicts;
}
