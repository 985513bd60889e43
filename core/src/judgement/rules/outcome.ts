import type { CaseResult } from "./finding.ts";
import { makeOutcome } from "./make-outcome.ts";
import type {
  Judged,
  MarginInHand,
  MeasuredOutcome,
  Remarks,
  UnaskedOutcome,
  WaitingOutcome,
  WordedOutcome,
} from "./outcome-kinds.ts";

const unremarked: Remarks = {};

/**
 * An outcome with a verdict in words.
 *
 * @param verdict the verdict
 * @param says sentence without figures
 * @param remarks value, limit, uses, remedy where there are any
 * @param margin margin to a limit; without one the outcome is in words
 * @returns the outcome
 * @example plain("holds", "It fits.").verdict // → "holds"
 */
export function plain(
  verdict: Judged,
  says: string,
  remarks: Remarks = unremarked,
  margin: MarginInHand | null = null,
): MeasuredOutcome | WordedOutcome {
  return margin === null
    ? makeOutcome<WordedOutcome>("worded", verdict, says, remarks)
    : makeOutcome<MeasuredOutcome>("measured", verdict, says, remarks, margin);
}

/**
 * An outcome that is met or not, without a degree.
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
  return makeOutcome<WaitingOutcome>(
    "waits for",
    "cannot tell",
    `Missing: ${missing}.`,
    remarks,
    null,
    missing,
  );
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
  return makeOutcome<UnaskedOutcome>(
    "not asked",
    "not asked",
    why,
    byCase === undefined ? unremarked : { byCase },
  );
}
