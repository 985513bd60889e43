import type { Unit } from "../../basis/units/unit.ts";
import type { CaseResult, Sense, Used } from "./finding.ts";

/** Verdicts a comparison can give. */
export type Judged = "holds" | "tight" | "fails";

/** How much of a limit is left. */
export interface MarginInHand {
  readonly margin: number | null;
  readonly unit: "%" | "K";
  /** Margin the house wants, in the same unit; 0 where the limit holds its own. */
  readonly wants: number;
}

/** Optional remarks on an outcome. */
export interface Remarks {
  readonly value?: number | string | null;
  readonly limit?: number | string | null;
  readonly sense?: Sense;
  readonly unit?: Unit;
  readonly caseId?: string | null;
  readonly caseName?: string | null;
  /** Kept only where the verdict could be better. */
  readonly remedy?: string | null;
  /** Given where the verdict does not follow from value and limit alone. */
  readonly decides?: string | null;
  readonly uses?: readonly Used[] | (() => readonly Used[]);
  readonly byCase?: readonly CaseResult[];
}

interface Said {
  /**
   * Sentence without figures: they are in value, limit and uses, so that every reader gets them in the chosen units.
   */
  readonly says: string;
  /** Inputs, built when they are read. */
  readonly uses: () => readonly Used[];
  readonly byCase: readonly CaseResult[];
}

interface Compared extends Said {
  readonly verdict: Judged;
  readonly value: number | string | null;
  readonly limit: number | string | null;
  readonly sense: Sense;
  readonly unit: Unit;
  readonly caseId: string | null;
  readonly caseName: string | null;
  /** The remedy, where one change would improve the verdict. */
  readonly remedy: string | null;
  /** What decides where the two figures alone do not; shown in place of the sign between them. */
  readonly decides: string | null;
}

/** A value against a limit, with its margin. */
export interface MeasuredOutcome extends Compared {
  readonly kind: "measured";
  /** Fraction for pressures and torques, kelvin for temperatures; null where nothing presses or nothing limits. */
  readonly margin: number | null;
  readonly marginUnit: "%" | "K";
  /** False where the limit already includes a margin, so that being close to it means nothing. */
  readonly marginWanted: boolean;
  /** Margin the house wants, in the margin's unit: how close is close. */
  readonly wants: number;
}

/** A judgement without a degree: words, counts, yes or no. */
export interface WordedOutcome extends Compared {
  readonly kind: "worded";
}

/** An input is missing: named, never guessed. */
export interface WaitingOutcome extends Said {
  readonly kind: "waits for";
  readonly verdict: "cannot tell";
  readonly missing: string;
  readonly value: number | string | null;
  /** What is already known of the limit. */
  readonly limit: number | string | null;
  readonly unit: Unit;
  readonly caseId: string | null;
  readonly caseName: string | null;
}

/** The duty or the valve does not raise the question. */
export interface UnaskedOutcome extends Said {
  readonly kind: "not asked";
  readonly verdict: "not asked";
}

/** Result of examining one rule: data, not prose; it never changes. */
export type Outcome = MeasuredOutcome | WordedOutcome | WaitingOutcome | UnaskedOutcome;
