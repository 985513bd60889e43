import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Shelf } from "../../equipment/catalogue/shelf.ts";
import { gravityOf, type RuleStation, type Verdict } from "../rules/finding.ts";
import { type FindingDescription, figuresOf } from "../rules/found.ts";
import { judgeChoice } from "./choice.ts";
import { describeCandidate } from "./describe.ts";
import { engineVersion } from "./engine.ts";
import { readSheet } from "./read-sheet.ts";
import type { TagSummary } from "./summary.ts";

/** Result of proving something again with another catalogue, other house rules or another engine. */
export type DriftOutcome = "cannot be proved" | "verdict changed" | "figures moved" | "same";

/** A finding that changed; null where the rule did not apply before, or no longer applies. */
export interface DriftedFinding {
  readonly rule: string;
  readonly station: RuleStation;
  readonly asks: string;
  readonly was: FindingDescription | null;
  readonly now: FindingDescription | null;
}

/** Size of the drift of a proof: the larger, the sooner it needs attention. */
export interface Drifted {
  readonly outcome: DriftOutcome;
  readonly grave: number;
}

/** What became of an issued sheet. */
export interface SheetDrift extends Drifted {
  readonly was: { readonly verdict: Verdict; readonly engine: string };
  /** Null where it cannot be proved any more. */
  readonly now: { readonly verdict: Verdict; readonly engine: string } | null;
  /** Why it cannot be proved; null where it can. */
  readonly because: string | null;
  /** The gravest first. */
  readonly findings: readonly DriftedFinding[];
}

const nothing = "not asked";

/**
 * A verdict that became graver ranks before a tag that cannot be proved, and that before a verdict that became milder.
 */
const graveOf = (outcome: DriftOutcome, was: Verdict, now: Verdict): number => {
  switch (outcome) {
    case "same":
      return 0;
    case "figures moved":
      return 10;
    case "cannot be proved":
      return 30;
    default:
      return (gravityOf(now) > gravityOf(was) ? 40 : 20) + gravityOf(now);
  }
};

const figuresIn = (finding: FindingDescription | null): string => {
  if (finding === null) return "";
  const { value, limit, unit, margin } = figuresOf(finding);
  return JSON.stringify([value, limit, unit, margin]);
};

const verdictIn = (finding: FindingDescription | null): Verdict => finding?.verdict ?? nothing;

/** Whether both findings say the same. A rule that applies only in one of the two changes nothing while it holds. */
const sameVerdict = (a: FindingDescription | null, b: FindingDescription | null): boolean =>
  a !== null && b !== null ? a.verdict === b.verdict : gravityOf(verdictIn(a ?? b)) <= gravityOf("holds");

/** Findings that differ in verdict or figures. A change of wording is not drift. */
function drifted(was: readonly FindingDescription[], now: readonly FindingDescription[]): DriftedFinding[] {
  const before = new Map(was.map((f) => [f.rule, f]));
  const after = new Map(now.map((f) => [f.rule, f]));
  return [...new Set([...before.keys(), ...after.keys()])].flatMap((rule) => {
    const [a, b] = [before.get(rule) ?? null, after.get(rule) ?? null];
    if (sameVerdict(a, b) && (a === null || b === null || figuresIn(a) === figuresIn(b))) return [];
    const { station, asks } = (b ?? a)!;
    return [{ rule, station, asks, was: a, now: b }];
  });
}

const turnOf = ({ was, now }: DriftedFinding): number =>
  graveOf(sameVerdict(was, now) ? "figures moved" : "verdict changed", verdictIn(was), verdictIn(now));

/**
 * Proves an issued sheet again with another catalogue, other house rules and this engine, from the duty it was issued
 * for.
 *
 * @param document anything; a sheet in any format ever published
 * @param basis shelf and house rules it is proved by now
 * @returns the outcome, with every finding whose verdict or figures differ
 * @source what was signed is compared with what would be signed today
 * @example driftOf({}, { shelf: null, house: null }).outcome // → "cannot be proved"
 */
export function driftOf(
  document: unknown,
  { shelf, house }: { readonly shelf: Shelf; readonly house: HouseRules },
): SheetDrift {
  const reading = readSheet(document);
  if ("error" in reading)
    return gone({ verdict: nothing, engine: "" }, `The sheet cannot be read: ${reading.error.message}`);
  const { inputs, proof, engine } = reading.sheet;
  const was = { verdict: proof.verdict, engine };
  const candidate = judgeChoice(inputs.duty, shelf, house, inputs);
  if (candidate === null) return gone(was, "The valve or its actuator is no longer offered.");
  const { verdict, findings } = JSON.parse(JSON.stringify(describeCandidate(candidate))) as typeof proof;
  const differing = drifted(proof.findings ?? [], findings ?? []).sort((a, b) => turnOf(b) - turnOf(a));
  const outcome = differing.some(({ was: a, now: b }) => !sameVerdict(a, b))
    ? "verdict changed"
    : differing.length > 0
      ? "figures moved"
      : "same";
  return {
    outcome,
    // One graver finding ranks before a milder overall verdict.
    grave: Math.max(0, ...differing.map(turnOf)),
    was,
    now: { verdict, engine: engineVersion },
    because: null,
    findings: differing,
  };
}

const gone = (was: SheetDrift["was"], because: string): SheetDrift => ({
  outcome: "cannot be proved",
  grave: graveOf("cannot be proved", was.verdict, nothing),
  was,
  now: null,
  because,
  findings: [],
});

/**
 * What became of a tag between two proofs of it.
 *
 * @param was its summary with one catalogue, house rules and engine
 * @param now its line by others
 * @returns how far it drifted
 * @source the same classes as for issued sheets
 */
export function turnedBetween(was: TagSummary, now: TagSummary): Drifted {
  const drifted = (outcome: DriftOutcome): Drifted => ({
    outcome,
    grave: graveOf(outcome, was.verdict, now.verdict),
  });
  if (now.choiceGone && !was.choiceGone) return drifted("cannot be proved");
  const marks = ({ duty, stations, verdict, standing }: TagSummary) =>
    JSON.stringify([duty, Object.entries(stations ?? {}).sort(), verdict, standing > 0]);
  if (marks(was) !== marks(now)) return drifted("verdict changed");
  const figures = ({ heldBy, standing, considered, valve }: TagSummary) =>
    JSON.stringify([
      heldBy?.rule,
      heldBy?.value,
      heldBy?.limit,
      heldBy?.margin,
      standing,
      considered,
      valve?.key,
    ]);
  return drifted(figures(was) === figures(now) ? "same" : "figures moved");
}
