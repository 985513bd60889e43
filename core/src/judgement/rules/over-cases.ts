import type { Unit } from "../../basis/units/unit.ts";
import type { SettledCase } from "../../duty/settling/settled-case.ts";
import { type Comparison, inMargin } from "./compare.ts";
import { type CaseResult, gravityOf, type Used, type Verdict } from "./finding.ts";
import { cannotTell, notAsked, plain } from "./outcome.ts";
import type { Outcome } from "./outcome-kinds.ts";

/** A comparison whose value may be unknown where the verdict does not need it. */
type Measured = Omit<Comparison, "value"> & { readonly value: number | null };
/** One case's measure; `missing` when the case lacks an input; null when the case does not raise the question. */
type Measure = Measured | { readonly missing: string } | null;

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
 * Measures every case and returns the governing one; all cases stay in `byCase`. Fire is left out: a fire case is
 * judged by the fire-safe rule, not by the envelope.
 *
 * @param cases the duty's cases, settled
 * @param how units, measure, wording and inputs
 * @returns the governing case's outcome: gravest verdict, then least margin; a case that lacks an input makes
 *   *cannot tell* unless another case fails
 * @source house convention: worst case governs
 */
export function overCases(cases: readonly SettledCase[], how: OverCases): Outcome {
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
  if (worst === null) return notAsked("No case needs this check.", byCase);
  const { c, measure } = worst;
  if ("missing" in measure)
    return cannotTell(`${measure.missing} of ${c.name}`, {
      unit: how.unit,
      caseId: c.id,
      caseName: c.name,
      byCase,
      uses: () => how.uses(c),
    });
  const { verdict } = measure;
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
    measure.margin === null && verdict === "tight" ? null : inMargin(measure, how.marginUnit),
  );
}
