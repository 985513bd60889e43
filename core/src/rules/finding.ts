/** *cannot tell* always names what is missing; *not asked* means the duty or the valve does not raise the question. */
export type Verdict = "holds" | "tight" | "fails" | "cannot tell" | "not asked";

/** From the worst to the least; the order verdicts are gathered in. */
export const verdictsByGravity: readonly Verdict[] = ["fails", "cannot tell", "tight", "holds", "not asked"];

/** Stations rules act at, in the order of the work. */
export const ruleStations = ["body", "envelope", "torque", "drive", "fit-up"] as const;
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

/** Units findings speak in; the interface converts them. "" for words and plain numbers. */
export type Unit =
  | "bar g"
  | "bar"
  | "°C"
  | "K"
  | "N·m"
  | "DN"
  | "mm"
  | "MPa"
  | "kPa"
  | "mg/l"
  | "%"
  | "days"
  | "";

/** One case measured against the limit that holds at it. */
export interface CaseResult {
  readonly caseId: string;
  readonly value: number | null;
  readonly limit: number | null;
  readonly margin: number | null;
  readonly verdict: Verdict;
}

/** What examining one rule gave: data, not prose. `says` holds no figure with a unit. */
export interface Outcome {
  readonly verdict: Verdict;
  readonly value: number | string | null;
  readonly limit: number | string | null;
  readonly sense: "≤" | "≥" | "is";
  readonly unit: Unit;
  /** Fraction for pressures and torques, kelvin for temperatures; null where there is none. */
  readonly margin: number | null;
  readonly marginUnit: "%" | "K" | null;
  /** False where the limit already holds its own margin, so that standing close to it means nothing. */
  readonly marginWanted: boolean;
  readonly caseId: string | null;
  readonly caseName: string | null;
  readonly says: string;
  /** What would change the verdict, where one thing would. */
  readonly remedy: string | null;
  /** The input a *cannot tell* waits for. */
  readonly missing: string | null;
  readonly uses: readonly Used[];
  readonly byCase: readonly CaseResult[];
}

export interface Finding extends Outcome {
  readonly rule: string;
  readonly station: RuleStation;
  readonly asks: string;
  readonly source: string;
}

const gravity: Record<Verdict, number> = { fails: 4, "cannot tell": 3, tight: 2, holds: 1, "not asked": 0 };

/**
 * Gravity of a verdict, for sorting: 4 *fails* down to 0 *not asked*.
 *
 * @param verdict one of the five
 * @returns 0–4
 * @throws never
 * @source order of the bore marks
 * @example gravityOf("fails") // → 4
 */
export function gravityOf(verdict: Verdict): number {
  return gravity[verdict];
}

/**
 * The gravest of several verdicts.
 *
 * @param verdicts any number
 * @returns the gravest; *not asked* of none
 * @throws never
 * @source fails, then cannot tell, then tight, then holds
 * @example gravest(["holds", "tight"]) // → "tight"
 */
export function gravest(verdicts: Iterable<Verdict>): Verdict {
  let worst: Verdict = "not asked";
  for (const verdict of verdicts) if (gravity[verdict] > gravity[worst]) worst = verdict;
  return worst;
}

/**
 * The sign that is true between a finding's value and its limit. A finding may hold beyond its limit where
 * something else makes up for it; what is written between the two figures must be true all the same.
 *
 * @param sense how the two should stand
 * @param value the finding's value
 * @param limit the finding's limit
 * @returns the sense where it is kept; its opposite where it is not; "is" for words
 * @throws never
 * @source none: notation
 * @example trueSign("≤", 5, 4) // → ">"
 */
export function trueSign(sense: Outcome["sense"], value: Outcome["value"], limit: Outcome["limit"]): string {
  if (sense === "is" || typeof value !== "number" || typeof limit !== "number") return sense;
  if (sense === "≤") return value <= limit ? "≤" : ">";
  return value >= limit ? "≥" : "<";
}
