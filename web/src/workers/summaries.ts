import type { Shelf } from "@proven-seat/core/catalogue";
import type { Duty } from "@proven-seat/core/duty";
import type { HouseRules } from "@proven-seat/core/house";
import { judgeChoice, prove } from "@proven-seat/core/proof";
import type { Proving } from "./proving.ts";
import { heldBy } from "./rows.ts";
import type { ChoiceKeys, ProofOutline, TagSummary } from "./views.ts";

/** What holds of a proof as a whole. */
export const outlineOf = ({ proof, milliseconds }: Proving): ProofOutline => ({
  missing: proof.missing,
  dutyVerdict: proof.dutyVerdict,
  considered: proof.candidates.length,
  standing: proof.standing,
  nearestMisses: proof.nearestMisses.map(({ candidate, misses }) => ({
    key: candidate.key,
    line: candidate.valve.construction.name,
    seat: candidate.valve.seat.material.name,
    designation: candidate.valve.size.designation,
    misses: misses.map((f) => heldBy(f)!),
  })),
  milliseconds,
});

/** A tag as a line of the line-up. */
export function summaryOf(
  duty: Duty,
  choice: ChoiceKeys | null,
  { shelf, house }: { readonly shelf: Shelf; readonly house: HouseRules },
): TagSummary {
  const proof = prove(duty, shelf, house);
  const shown = (choice && judgeChoice(duty, shelf, house, choice)) ?? proof.candidates[0] ?? null;
  return {
    duty: proof.dutyVerdict,
    stations: shown?.stations ?? null,
    verdict: shown?.verdict ?? "cannot tell",
    standing: proof.standing,
    considered: proof.candidates.length,
    heldBy: heldBy(shown?.heldBackBy ?? null),
    missing: proof.missing.filter((m) => m.assumption === null).map((m) => m.label),
    valve: shown && {
      key: shown.key,
      name: `${shown.valve.construction.name}, ${shown.valve.seat.material.name}`,
    },
  };
}
