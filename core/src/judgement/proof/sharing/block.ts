import { gravityOf, type RuleStation, ruleStations, type Verdict } from "../../rules/finding.ts";
import { Finding, type Ruling } from "../../rules/found.ts";
import type { Outcome } from "../../rules/outcome-kinds.ts";
import type { TightWeight } from "../../rules/rule.ts";

/** Findings on one part of a candidate, collected once and shared by every candidate with that part. */
export interface Block {
  /** Its own outcomes. Blocks it is joined from keep theirs, so that joining copies nothing. */
  readonly own: readonly Outcome[];
  /** Index of each outcome's rule in the order of the stations. */
  readonly places: readonly number[];
  readonly joins: readonly Block[];
  readonly fails: number;
  readonly cannotTell: number;
  readonly tight: number;
  /** The mild ones of `tight`. */
  readonly mild: number;
  /** Sum by which failing limits are missed; fifty kelvin, or a fail without a margin, count 1, and what is harder to mend more. */
  readonly shortfall: number;
  readonly leastMargin: number | null;
  /** Least margin over the margin wanted, of limits in any unit. */
  readonly leastReserve: number | null;
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

/** A limit missed by this many kelvin counts like one missed by 100 %. */
const kelvinLikeOne = 50;

/**
 * What a fail counts beside its shortfall, by station: another actuator is soon found, another rating, grade or seat is
 * another valve.
 */
const missWeight: Readonly<Record<RuleStation, number>> = {
  duty: 0,
  body: 3,
  envelope: 3,
  flow: 1,
  torque: 0,
  drive: 0,
  "fit-up": 0,
};

/** Of two *tight*, the mild one holds a candidate back only where no serious one does. */
const mildIsLess = 0.5;

/** Margin that counts as close where none is wanted and the limit is missed. */
const usual = { "%": 0.1, K: 10 } as const;

/** Margin over the margin wanted: how close a finding is, in any unit. */
function closenessOf(outcome: Outcome): number {
  if (outcome.kind !== "measured" || outcome.margin === null)
    return outcome.verdict === "holds" ? Number.POSITIVE_INFINITY : 0;
  return outcome.margin / (outcome.wants || usual[outcome.marginUnit]);
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
 * Lists findings in the order of the rules, each with the name of its rule.
 *
 * @param blocks each of other rules than the rest
 * @param rules in the order of the work
 * @returns its findings and those of the blocks it was joined from
 * @example findingsOf([blockOf([], [])], []).length // → 0
 */
export function findingsOf(blocks: readonly Block[], rules: readonly Ruling[]): Finding[] {
  const laid: Finding[] = [];
  const lay = ({ own, places, joins }: Block): void => {
    places.forEach((place, i) => {
      laid[place] = new Finding(rules[place]!, own[i]!);
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
 * @param rules all rules, for the weight of their *tight* and of what is missed; serious and none if not given
 * @returns counts, gravest verdicts and the finding that holds the part back
 * @source gravest finding decides
 * @example blockOf([], []).fails // → 0
 */
export function blockOf(
  outcomes: readonly Outcome[],
  places: readonly number[],
  rules: readonly { readonly tight: TightWeight; readonly station?: RuleStation }[] = none,
): Block {
  let fails = 0;
  let cannotTell = 0;
  let tight = 0;
  let mild = 0;
  let shortfall = 0;
  let leastMargin: number | null = null;
  let leastReserve: number | null = null;
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
      shortfall += missWeight[rules[places[i]!]?.station ?? "duty"];
      shortfall += margin === null ? 1 : inPercent ? -margin : -margin / kelvinLikeOne;
    } else if (verdict === "cannot tell") cannotTell++;
    const isMild = verdict === "tight" && rules[places[i]!]?.tight === "mild";
    if (verdict === "tight") tight++;
    if (isMild) mild++;
    // A limit that is kept and wants no margin says nothing about closeness.
    const silent = verdict === "holds" && measured !== null && !measured.marginWanted;
    if (inPercent && !silent && (leastMargin === null || margin < leastMargin)) leastMargin = margin;
    const closeness = closenessOf(outcome);
    if (margin !== null && !silent && (leastReserve === null || closeness < leastReserve))
      leastReserve = closeness;
    const gravity = silent ? 0 : gravityOf(verdict) - (isMild ? mildIsLess : 0);
    if (gravity < heldGravity) continue;
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
  return {
    own: outcomes,
    places,
    joins: none,
    fails,
    cannotTell,
    tight,
    mild,
    shortfall,
    leastMargin,
    leastReserve,
    heldBackBy,
  };
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
 * @param blocks blocks of different rules; one alone is returned as it is, none gives an empty block
 * @returns the block they make together
 * @source counts add, the gravest finding holds back
 * @example joined([]).tight // → 0
 */
export function joined(blocks: readonly Block[]): Block {
  const some = blocks.includes(nothing) ? blocks.filter((block) => block !== nothing) : blocks;
  if (some.length <= 1) return some[0] ?? nothing;
  let [fails, cannotTell, tight, mild, shortfall] = [0, 0, 0, 0, 0];
  let leastMargin: number | null = null;
  let leastReserve: number | null = null;
  let heldBackBy: HeldBack | null = null;
  for (const block of some) {
    fails += block.fails;
    cannotTell += block.cannotTell;
    tight += block.tight;
    mild += block.mild;
    shortfall += block.shortfall;
    leastMargin = leastOf(leastMargin, block.leastMargin);
    leastReserve = leastOf(leastReserve, block.leastReserve);
    heldBackBy = graver(heldBackBy, block.heldBackBy);
  }
  return {
    own: none,
    places: none,
    joins: blocks,
    fails,
    cannotTell,
    tight,
    mild,
    shortfall,
    leastMargin,
    leastReserve,
    heldBackBy,
  };
}

/**
 * A block of findings that the duty alone decides. What is *tight* in it is so for every candidate and would hide their
 * differences, so it counts for none.
 *
 * @param block findings of duty rules
 * @returns the same findings; *fails* and *cannot tell* still count
 */
export function withoutCandidates(block: Block): Block {
  const grave = block.heldBackBy !== null && block.heldBackBy.gravity > gravityOf("tight");
  return {
    ...block,
    tight: 0,
    mild: 0,
    leastMargin: null,
    leastReserve: null,
    heldBackBy: grave ? block.heldBackBy : null,
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
