import type { SettledCase } from "../duty/settle.ts";
import { type CaseResult, gravityOf, type Unit, type Used, type Verdict } from "./finding.ts";
import { Found, type InHand, type Remarks } from "./found.ts";

/**
 * An outcome: a verdict in words, with what there is to remark.
 *
 * @param verdict the verdict
 * @param says sentence without figures
 * @param remarks value, limit, uses, remedy where there are any
 * @param inHand margin to a limit, null where there is no such thing
 * @returns the outcome
 * @throws never
 * @source none: a change of shape only
 * @example plain("holds", "It fits.").verdict // → "holds"
 */
export function plain(
  verdict: Verdict,
  says: string,
  remarks: Remarks = unremarked,
  inHand: InHand | null = null,
): Found {
  return new Found(verdict, says, remarks, inHand, null);
}

const unremarked: Remarks = {};

/**
 * An outcome that is kept or not, without a degree.
 *
 * @param ok whether it is kept
 * @param says sentences for either end, without figures
 * @param remarks value, limit, uses; the remedy is kept only where it fails
 * @param otherwise verdict where it is not kept, *fails* unless it only wants attention
 * @returns *holds* or the other verdict
 * @throws never
 * @source none: a change of shape only
 * @example fits(false, { holds: "It fits.", fails: "It does not." }, { remedy: "Another." }).remedy // → "Another."
 */
export function fits(
  ok: boolean,
  says: { readonly holds: string; readonly fails: string },
  remarks: Remarks,
  otherwise: "fails" | "tight" = "fails",
): Found {
  return ok ? plain("holds", says.holds, remarks) : plain(otherwise, says.fails, remarks);
}

/**
 * An outcome that waits for an input.
 *
 * @param missing the input, as a person would name it
 * @param remarks uses, value where there are any
 * @returns *cannot tell* with the missing input named
 * @throws never
 * @source a rule never guesses
 * @example cannotTell("fluid family").missing // → "fluid family"
 */
export function cannotTell(missing: string, remarks: Remarks = unremarked): Found {
  return new Found("cannot tell", `Waits for ${missing}.`, remarks, null, missing);
}

/**
 * An outcome of a question that is not raised.
 *
 * @param why sentence without figures
 * @returns *not asked*
 * @throws never
 * @source none
 * @example notAsked("No drive.").verdict // → "not asked"
 */
export function notAsked(why: string): Found {
  return new Found("not asked", why, unremarked, null, null);
}

/** A value against its limit. */
export interface Measured {
  readonly value: number;
  readonly limit: number | null;
  readonly margin: number | null;
  readonly verdict: Verdict;
  /** Where a case may be measured from either end of a range. */
  readonly sense?: "≤" | "≥";
}

/** One case's measure; `missing` when the case lacks an input; null when the case does not raise the question. */
type Measure = Measured | { readonly missing: string } | null;

/**
 * What is in hand of a limit.
 *
 * @param measured from `against` (a fraction) or `kelvinTo` (kelvin)
 * @param unit unit the margin is in
 * @param wanted false where the limit holds its own margin already
 * @returns the margin as an outcome carries it
 * @throws never
 * @source none: a change of shape only
 * @example inHand(against(67.6, 72, 0.1), "%").wanted // → true
 */
export function inHand(measured: Measured, unit: InHand["unit"], wanted = true): InHand {
  return { margin: measured.margin, unit, wanted };
}

/**
 * Measures a pressure or torque against an upper limit.
 *
 * @param value what is asked, same unit as the limit
 * @param limit what is stood; null when there is none at all, which fails
 * @param tightBelow fraction of margin below which it is tight, ≥ 0
 * @returns margin limit/value − 1; a value of zero or below has no margin and holds
 * @throws never
 * @source house margin
 * @example against(67.6, 72, 0.1).verdict // → "tight"
 */
export function against(value: number, limit: number | null, tightBelow: number): Measured {
  if (limit === null) return { value, limit, margin: null, verdict: "fails" };
  if (value <= 0) return { value, limit, margin: null, verdict: "holds" };
  const margin = limit / value - 1;
  return { value, limit, margin, verdict: value > limit ? "fails" : margin < tightBelow ? "tight" : "holds" };
}

/**
 * Measures a temperature against a limit in kelvin.
 *
 * @param value °C
 * @param limit °C
 * @param sense "≤" for an upper limit, "≥" for a lower one; the limit itself is inside
 * @param tightBelow kelvin of margin below which it is tight
 * @returns margin in kelvin, negative outside
 * @throws never
 * @source house margin
 * @example kelvinTo(88, 100, "≤", 20).verdict // → "tight"
 */
export function kelvinTo(value: number, limit: number, sense: "≤" | "≥", tightBelow: number): Measured {
  const margin = sense === "≤" ? limit - value : value - limit;
  return {
    value,
    limit,
    margin,
    sense,
    verdict: margin < 0 ? "fails" : margin < tightBelow ? "tight" : "holds",
  };
}

interface OverCases {
  readonly unit: Unit;
  readonly marginUnit: "%" | "K";
  readonly sense: "≤" | "≥";
  readonly measure: (c: SettledCase) => Measure;
  readonly says: (verdict: Verdict, c: SettledCase) => string;
  readonly remedy?: (verdict: Verdict) => string | null;
  /** Inputs, built for the governing case only. */
  readonly uses: (c: SettledCase) => readonly Used[];
}

/**
 * Measures every case and answers with the one that governs; all cases stay in `byCase`. Fire is
 * left out: a fire case is judged by the fire-safe rule, not by the envelope.
 *
 * @param cases the duty's cases, settled
 * @param how units, measure, wording and inputs
 * @returns the governing case's outcome: gravest verdict, then least margin
 * @throws never; a case that lacks an input makes *cannot tell* unless another case fails
 * @source house convention: worst case governs
 * @example overCases([], how).missing // → "operating cases"
 */
export function overCases(cases: readonly SettledCase[], how: OverCases): Found {
  if (cases.length === 0) return cannotTell("operating cases");
  const byCase: CaseResult[] = [];
  let worst: {
    c: SettledCase;
    measure: Measured | { readonly missing: string };
    verdict: Verdict;
    margin: number;
  } | null = null;
  for (const c of cases) {
    const measure = c.kind === "fire" ? null : how.measure(c);
    if (measure === null) {
      byCase.push({ caseId: c.id, value: null, limit: null, margin: null, verdict: "not asked" });
      continue;
    }
    const gap = "missing" in measure;
    const verdict = gap ? "cannot tell" : measure.verdict;
    // No limit at all is the worst way to fail; no pressure at all the best way to hold.
    const unlimited = verdict === "fails" ? Number.NEGATIVE_INFINITY : Number.POSITIVE_INFINITY;
    const margin = gap ? 0 : (measure.margin ?? unlimited);
    byCase.push(
      gap
        ? { caseId: c.id, value: null, limit: null, margin: null, verdict }
        : { caseId: c.id, value: measure.value, limit: measure.limit, margin: measure.margin, verdict },
    );
    const graver = worst === null || gravityOf(verdict) > gravityOf(worst.verdict);
    if (graver || (verdict === worst!.verdict && margin < worst!.margin))
      worst = { c, measure, verdict, margin };
  }
  if (worst === null) return plain("not asked", "No case raises it.", { byCase });
  const { c, measure, verdict } = worst;
  if ("missing" in measure)
    return cannotTell(`${measure.missing} of ${c.name}`, {
      unit: how.unit,
      caseId: c.id,
      caseName: c.name,
      byCase,
      uses: () => how.uses(c),
    });
  return plain(
    verdict,
    how.says(verdict, c),
    {
      value: measure.value,
      limit: measure.limit,
      sense: measure.sense ?? how.sense,
      unit: how.unit,
      remedy: how.remedy?.(verdict) ?? null,
      caseId: c.id,
      caseName: c.name,
      byCase,
      uses: () => how.uses(c),
    },
    { margin: measure.margin, unit: how.marginUnit, wanted: true },
  );
}
