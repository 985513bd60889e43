import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import type { Shelf } from "../../equipment/catalogue/shelf.ts";
import type { RuleStation, Verdict } from "../rules/finding.ts";
import { type Figures, type Finding, figuresOf } from "../rules/found.ts";
import { type ChoiceKeys, judgeChoice } from "./choice.ts";
import { waitingAmong } from "./counts.ts";
import { type ListedProof, proveForList } from "./listing/prove-for-list.ts";

/** The finding that holds something back, as a sentence needs it. */
export interface HeldBy extends Figures {
  readonly rule: string;
  readonly asks: string;
  readonly verdict: Verdict;
  readonly says: string;
}

/**
 * The values of a finding that a sentence needs.
 *
 * @param f a finding, or none
 * @returns plain data; null of none
 * @example heldBy(null) // → null
 */
export const heldBy = (f: Finding | null): HeldBy | null =>
  f && { rule: f.rule, asks: f.asks, verdict: f.verdict, says: f.says, ...figuresOf(f) };

/** The marks of a tag in a list, used for search, filters and counts. */
export interface TagMarks {
  readonly duty: Verdict;
  readonly stations: Readonly<Record<RuleStation, Verdict>> | null;
  /** *cannot tell* while something is missing that must be known. */
  readonly verdict: Verdict;
  /** Number of candidates without a *fails*. */
  readonly standing: number;
}

/** A tag's proof as a line of a list. */
export interface TagSummary extends TagMarks {
  readonly considered: number;
  /** Those of `standing` that wait for an input. */
  readonly cannotTell: number;
  readonly heldBy: HeldBy | null;
  readonly missing: readonly string[];
  /** The selected valve or actuator is no longer offered; no other is judged in its place. */
  readonly choiceGone: boolean;
  /** The selected valve, or the first where none is selected. */
  readonly valve: { readonly key: string; readonly name: string } | null;
}

/**
 * A tag as one row: its selection, or the first candidate of its proof, and what limits it.
 *
 * @param duty as entered: bar g, °C
 * @param choice keys of the chosen valve and drive, null where none is
 * @param basis shelf and house rules it is proved by
 * @param proof of the same duty by the same basis, where another tag with it was proved already
 * @returns plain data
 * @source the proof
 */
export function summarise(
  duty: Duty,
  choice: ChoiceKeys | null,
  { shelf, house }: { readonly shelf: Shelf; readonly house: HouseRules },
  proof: ListedProof = proveForList(duty, shelf, house),
): TagSummary {
  const shown = choice ? judgeChoice(duty, shelf, house, choice) : proof.best;
  const missing = proof.missing.filter((m) => m.assumption === null).map((m) => m.label);
  return {
    duty: proof.dutyVerdict,
    stations: shown?.stations ?? null,
    verdict: missing.length > 0 ? "cannot tell" : (shown?.verdict ?? "cannot tell"),
    standing: proof.standing.length,
    considered: proof.considered,
    cannotTell: waitingAmong(proof.standing),
    heldBy: heldBy(shown?.heldBackBy ?? null),
    missing,
    choiceGone: choice !== null && shown === null,
    valve: shown && {
      key: shown.key,
      name: `${shown.valve.construction.name}, ${shown.valve.seat.material.name}`,
    },
  };
}

/**
 * The marks of a line.
 *
 * @param summary the line
 * @returns the values used for filters and counts, without those only read
 */
export const marksOf = ({ duty, stations, verdict, standing }: TagSummary): TagMarks => ({
  duty,
  stations,
  verdict,
  standing,
});
