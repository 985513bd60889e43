import type { Unit } from "../../basis/units/unit.ts";

/**
 * *cannot tell* always names the missing value; *not asked* means that the duty or the valve does not raise the
 * question.
 */
export type Verdict = "holds" | "tight" | "fails" | "cannot tell" | "not asked";

/** From worst to best; verdicts are combined in this order. */
export const verdictsByGravity: readonly Verdict[] = ["fails", "cannot tell", "tight", "holds", "not asked"];

/** Stations rules act at, in the order of the work. What is found at the duty is the same for every candidate. */
export const ruleStations = ["duty", "body", "envelope", "flow", "torque", "drive", "fit-up"] as const;
export type RuleStation = (typeof ruleStations)[number];

export type Origin =
  | "entered"
  | "assumed"
  | "estimate"
  | "catalogue"
  | "house rule"
  | "reference"
  | "computed";

/** Something a finding used and where it came from. */
export interface Used {
  readonly what: string;
  readonly value: number | string;
  readonly unit: Unit;
  readonly origin: Origin;
}

/** One case measured against the limit that holds at it. */
export interface CaseResult {
  readonly caseId: string;
  readonly value: number | null;
  readonly limit: number | null;
  readonly margin: number | null;
  readonly verdict: Verdict;
}

const gravity: Record<Verdict, number> = { fails: 4, "cannot tell": 3, tight: 2, holds: 1, "not asked": 0 };

/**
 * Gravity of a verdict, for sorting: 4 *fails* down to 0 *not asked*.
 *
 * @param verdict one of the five
 * @returns 0–4
 * @example gravityOf("fails") // → 4
 */
export function gravityOf(verdict: Verdict): number {
  return gravity[verdict];
}

/** A candidate with this verdict is chosen against the proof: a written reason is needed. */
export const needsReason = (verdict: Verdict): boolean => verdict === "fails" || verdict === "cannot tell";

/**
 * The gravest of several verdicts.
 *
 * @param verdicts any number
 * @returns the gravest; *not asked* of none
 * @example gravest(["holds", "tight"]) // → "tight"
 */
export function gravest(verdicts: Iterable<Verdict>): Verdict {
  let worst: Verdict = "not asked";
  for (const verdict of verdicts) if (gravity[verdict] > gravity[worst]) worst = verdict;
  return worst;
}

export type Sense = "≤" | "≥" | "is";

/**
 * The sign that is true between a finding's value and its limit. A finding may hold beyond its limit where something
 * else makes up for it; the sign must be true all the same.
 *
 * @param sense the required relation
 * @param value the finding's value
 * @param limit the finding's limit
 * @returns the sense where it is kept; its opposite where it is not; "is" for words
 * @example trueSign("≤", 5, 4) // → ">"
 */
export function trueSign(sense: Sense, value: number | string | null, limit: number | string | null): string {
  if (sense === "is" || typeof value !== "number" || typeof limit !== "number") return sense;
  if (sense === "≤") return value <= limit ? "≤" : ">";
  return value >= limit ? "≥" : "<";
}
