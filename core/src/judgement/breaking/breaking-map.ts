import type { Duty } from "../../duty/statement/duty.ts";
import { gravityOf, type Verdict } from "../rules/finding.ts";
import { rules } from "../rules/rules.ts";
import type { DutyValue } from "./duty-values.ts";
import { type CandidateInHand, verdictsIn } from "./judgement.ts";

/** Verdicts at one pair of values. */
export interface MapCell {
  readonly verdict: Verdict;
  /** The gravest finding's question; null where nothing is asked. */
  readonly asks: string | null;
}

/**
 * One row of the map of two values: the first value moves, the second stays.
 *
 * @param candidate valve, drive and house rules
 * @param duty the duty as it stands: bar g, °C
 * @param across the value that runs along the row, and where it is judged
 * @param up the value that stays in this row, and where it is
 * @returns a cell for each place; null where the pair is no duty, such as a downstream above its upstream
 * @source every rule examined at every place
 */
export function mapRow(
  candidate: CandidateInHand,
  duty: Duty,
  across: { readonly value: DutyValue; readonly at: readonly number[] },
  up: { readonly value: DutyValue; readonly at: number },
): (MapCell | null)[] {
  const row = up.value.at(duty, up.at);
  return across.at.map((x) => {
    const there = across.value.at(row, x);
    if (there.cases.some(crossed)) return null;
    const verdicts = verdictsIn(candidate, there);
    let gravest = 0;
    verdicts.forEach((verdict, i) => {
      if (gravityOf(verdict) > gravityOf(verdicts[gravest]!)) gravest = i;
    });
    const verdict = verdicts[gravest]!;
    return { verdict, asks: verdict === "not asked" ? null : rules[gravest]!.asks };
  });
}

const crossed = (c: Duty["cases"][number]) =>
  c.upstreamBarG !== null &&
  c.downstreamBarG !== null &&
  (c.flow === "forward" ? c.downstreamBarG > c.upstreamBarG : c.upstreamBarG > c.downstreamBarG);
