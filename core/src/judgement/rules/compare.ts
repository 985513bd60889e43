import type { MarginInHand } from "./outcome-kinds.ts";

/** A value set against its limit. */
export interface Comparison {
  readonly value: number;
  readonly limit: number | null;
  readonly margin: number | null;
  readonly verdict: "holds" | "tight" | "fails";
  /** Margin below which it is *tight*, in the margin's own unit; 0 where no margin is wanted. */
  readonly wants?: number;
  /** Where a case may be measured from either end of a range. */
  readonly sense?: "≤" | "≥";
}

/** Margin that counts as close where a comparison states none. */
const usualMargin = { "%": 0.1, K: 10 } as const;

/**
 * Margin to a limit.
 *
 * @param compared from `against` (a fraction) or `kelvinTo` (kelvin)
 * @param unit unit the margin is in
 * @param wanted false where the limit holds its own margin already
 * @returns the margin as an outcome carries it
 * @example inMargin(against(67.6, 72, 0.1), "%").wants // → 0.1
 */
export function inMargin(
  compared: Pick<Comparison, "margin" | "wants">,
  unit: MarginInHand["unit"],
  wanted = true,
): MarginInHand {
  return { margin: compared.margin, unit, wants: wanted ? (compared.wants ?? usualMargin[unit]) : 0 };
}

/**
 * Sets a pressure or torque against an upper limit.
 *
 * @param value the demand, same unit as the limit
 * @param limit the capacity; null when there is none at all, which fails
 * @param tightBelow fraction of margin below which it is tight, ≥ 0
 * @returns margin limit/value − 1; a value of zero or below has no margin and holds
 * @source house margin
 * @example against(67.6, 72, 0.1).verdict // → "tight"
 */
export function against(value: number, limit: number | null, tightBelow: number): Comparison {
  if (limit === null) return { value, limit, margin: null, verdict: "fails", wants: tightBelow };
  if (value <= 0) return { value, limit, margin: null, verdict: "holds", wants: tightBelow };
  const margin = limit / value - 1;
  const verdict = value > limit ? "fails" : margin < tightBelow ? "tight" : "holds";
  return { value, limit, margin, verdict, wants: tightBelow };
}

/**
 * Sets a temperature against a limit, in kelvin.
 *
 * @param value °C
 * @param limit °C
 * @param sense "≤" for an upper limit, "≥" for a lower one; the limit itself is allowed
 * @param tightBelow kelvin of margin below which it is tight
 * @returns margin in kelvin, negative outside
 * @source house margin
 * @example kelvinTo(88, 100, "≤", 20).verdict // → "tight"
 */
export function kelvinTo(value: number, limit: number, sense: "≤" | "≥", tightBelow: number): Comparison {
  const margin = sense === "≤" ? limit - value : value - limit;
  return {
    value,
    limit,
    margin,
    sense,
    wants: tightBelow,
    verdict: margin < 0 ? "fails" : margin < tightBelow ? "tight" : "holds",
  };
}
