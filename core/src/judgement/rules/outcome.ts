import type { Unit } from "../../basis/units/unit.ts";
import type { CaseResult, Sense, Used } from "./finding.ts";
import { told } from "./told.ts";

type Judged = "holds" | "tight" | "fails";

/** How much of a limit is left. */
export interface MarginInHand {
  readonly margin: number | null;
  readonly unit: "%" | "K";
  /** Margin the house wants, in the same unit; 0 where the limit holds its own. */
  readonly wants: number;
}

/** What may be said of an outcome besides its verdict and margin. */
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
  /** Sentence without figures: those stand in value, limit and uses, so that every reader gets own units. */
  readonly says: string;
  /** Inputs, put together when somebody reads them. */
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
  /** What would change the verdict, where it could be better and one thing would. */
  readonly remedy: string | null;
  /** What decides where the two figures alone do not: shown in place of the sign between them. */
  readonly decides: string | null;
}

/** A figure against a limit, with what is in hand. */
export interface MeasuredOutcome extends Compared {
  readonly kind: "measured";
  /** Fraction for pressures and torques, kelvin for temperatures; null where nothing presses or nothing limits. */
  readonly margin: number | null;
  readonly marginUnit: "%" | "K";
  /** False where the limit already holds its own margin, so that standing close to it means nothing. */
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
  /** What is known of the limit meanwhile. */
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

/** What examining one rule gave: data, not prose; not changed once it is made. */
export type Outcome = MeasuredOutcome | WordedOutcome | WaitingOutcome | UnaskedOutcome;

const unremarked: Remarks = {};

/**
 * An outcome: a verdict in words, with what there is to remark.
 *
 * @param verdict the verdict
 * @param says sentence without figures
 * @param remarks value, limit, uses, remedy where there are any
 * @param inHand margin to a limit; without one the outcome is words
 * @returns the outcome
 * @example plain("holds", "It fits.").verdict // → "holds"
 */
export function plain(
  verdict: Judged,
  says: string,
  remarks: Remarks = unremarked,
  inHand: MarginInHand | null = null,
): MeasuredOutcome | WordedOutcome {
  return inHand === null
    ? told<WordedOutcome>("worded", verdict, says, remarks)
    : told<MeasuredOutcome>("measured", verdict, says, remarks, inHand);
}

/**
 * An outcome that is kept or not, without a degree.
 *
 * @param ok whether it is kept
 * @param says sentences for either end, without figures
 * @param remarks value, limit, uses; the remedy is kept only where it fails
 * @param otherwise verdict where it is not kept, *fails* unless it only wants attention
 * @returns *holds* or the other verdict
 * @example fits(false, { holds: "It fits.", fails: "It does not." }, { remedy: "Another." }).remedy // → "Another."
 */
export function fits(
  ok: boolean,
  says: { readonly holds: string; readonly fails: string },
  remarks: Remarks,
  otherwise: "fails" | "tight" = "fails",
): MeasuredOutcome | WordedOutcome {
  return ok ? plain("holds", says.holds, remarks) : plain(otherwise, says.fails, remarks);
}

/**
 * An outcome that waits for an input.
 *
 * @param missing the input, as a person would name it
 * @param remarks uses, value where there are any
 * @returns *cannot tell* with the missing input named
 * @example cannotTell("fluid family").missing // → "fluid family"
 */
export function cannotTell(missing: string, remarks: Remarks = unremarked): WaitingOutcome {
  return told<WaitingOutcome>("waits for", "cannot tell", `Waits for ${missing}.`, remarks, null, missing);
}

/**
 * An outcome of a question that is not raised.
 *
 * @param why sentence without figures
 * @param byCase results of cases, where they were looked at
 * @returns *not asked*
 * @example notAsked("No drive.").verdict // → "not asked"
 */
export function notAsked(why: string, byCase?: readonly CaseResult[]): UnaskedOutcome {
  return told<UnaskedOutcome>("not asked", "not asked", why, byCase === undefined ? unremarked : { byCase });
}
