import { isByConstruction, valveByConstruction } from "@proven-seat/core/by-construction";
import type { Catalogue } from "@proven-seat/core/catalogue";
import { compileShelf, type Shelf } from "@proven-seat/core/catalogue";
import type { Duty } from "@proven-seat/core/duty";
import type { HouseRules } from "@proven-seat/core/house";
import {
  judgeChoice,
  keysIn,
  type Order,
  type ProvenCandidate,
  prove,
  prover,
  rank,
  type SeatStep,
} from "@proven-seat/core/proof";
import { breakingPointOf, effectOf, mapRowOf, movableValues } from "./breaking-api.ts";
import { byConstructionRow, constructionRows, ladderOf } from "./constructions-api.ts";
import { candidateOf, grouped, type Proving } from "./proving.ts";
import { detailOf, heldBy, rowOf } from "./rows.ts";
import type {
  BenchView,
  BreakingPoint,
  ByConstructionRow,
  CandidateDetail,
  CandidateRow,
  ChoiceKeys,
  ConstructionRow,
  MapCell,
  MovableValue,
  TagSummary,
} from "./views.ts";

/** A prover of its own: it keeps the shelf and the last proof, and hands out only what is shown. */
export function proverApi() {
  let shelf: Shelf | null = null;
  let house: HouseRules | null = null;
  let last: Proving | null = null;
  function ready(): { shelf: Shelf; house: HouseRules } {
    if (!shelf || !house) throw new Error("The catalogue has not been handed over yet.");
    return { shelf, house };
  }

  /**
   * What was taken in hand and the proof did not pick by itself: another drive, a seat with the drive in hand,
   * or a valve by construction.
   */
  function judgeTaken(duty: Duty, key: string): ProvenCandidate | undefined {
    const keys = keysIn(key);
    const parts = ready();
    if (!isByConstruction(key)) return judgeChoice(duty, parts.shelf, parts.house, keys) ?? undefined;
    const valve = valveByConstruction(keys.valve, duty);
    return valve === null ? undefined : prover(duty, parts.shelf, parts.house).judge(valve, null);
  }

  return {
    setShelf(catalogue: Catalogue, rules: HouseRules): void {
      shelf = compileShelf(catalogue);
      house = rules;
    },

    prove(duty: Duty, order: Order, choice: ChoiceKeys | null, inHand: string | null): BenchView {
      const started = performance.now();
      const parts = ready();
      const proof = prove(duty, parts.shelf, parts.house, order);
      const proving: Proving = { duty, ...parts, proof, besides: new Map(), groups: grouped(proof) };
      last = proving;
      const chosen = choice && judgeChoice(duty, parts.shelf, parts.house, choice);
      if (chosen) proving.besides.set(chosen.key, chosen);
      const wanted = inHand === null ? undefined : (candidateOf(proving, inHand) ?? judgeTaken(duty, inHand));
      if (wanted) proving.besides.set(wanted.key, wanted);
      const taken = wanted ?? chosen ?? proof.candidates[0] ?? null;
      return {
        missing: proof.missing,
        dutyVerdict: proof.dutyVerdict,
        considered: proof.candidates.length,
        standing: proof.standing,
        rows: [...proving.groups.values()].map((members) => rowOf(members[0]!, members.length - 1)),
        nearestMisses: proof.nearestMisses.map(({ candidate, misses }) => ({
          key: candidate.key,
          line: candidate.valve.construction.name,
          seat: candidate.valve.seat.material.name,
          designation: candidate.valve.size.designation,
          misses: misses.map((f) => heldBy(f)!),
        })),
        chosen: chosen && rowOf(chosen, 0),
        choiceGone: choice !== null && chosen === null,
        askedFor: inHand,
        inHand: taken && detailOf(taken, duty, parts.house),
        milliseconds: performance.now() - started,
      };
    },

    /** Body, trim and seal variants behind a row, best first. */
    variants(group: string): CandidateRow[] {
      return (last?.groups.get(group) ?? []).map((c) => rowOf(c, 0));
    },

    /** Candidates side by side; those that are no candidates any more are left out. */
    details(keys: readonly string[]): CandidateDetail[] {
      const proving = last;
      if (!proving) return [];
      return keys.flatMap((key) => {
        const candidate = candidateOf(proving, key) ?? judgeTaken(proving.duty, key);
        return candidate ? [detailOf(candidate, proving.duty, proving.house)] : [];
      });
    },

    /** Every drive the duty allows on the valve of a candidate, best first. */
    drives(key: string): CandidateRow[] {
      const candidate = last ? candidateOf(last, key) : undefined;
      if (!last || !candidate) return [];
      const options = prover(last.duty, last.shelf, last.house).drivesFor(candidate.valve);
      for (const option of options) last.besides.set(option.key, option);
      return rank(options, "price").map((c) => rowOf(c, 0));
    },

    constructions: (): ConstructionRow[] => (last ? constructionRows(last) : []),
    byConstruction: (id: string): ByConstructionRow | null => (last ? byConstructionRow(last, id) : null),
    seats: (key: string): SeatStep[] => (last ? ladderOf(last, key) : []),
    movable: (key: string): MovableValue[] => (last ? movableValues(last, key) : []),
    breaking: (key: string, path: string): BreakingPoint | null =>
      last ? breakingPointOf(last, key, path) : null,
    mapRow: (
      key: string,
      across: { readonly path: string; readonly at: readonly number[] },
      up: { readonly path: string; readonly at: number },
    ): (MapCell | null)[] => (last ? mapRowOf(last, key, across, up) : []),
    effect: (field: string): number => (last ? effectOf(last, field) : 0),

    /** A tag in a line; under other house rules where they are given. */
    summarise(duty: Duty, choice: ChoiceKeys | null, under?: HouseRules): TagSummary {
      const parts = { ...ready(), ...(under && { house: under }) };
      const proof = prove(duty, parts.shelf, parts.house);
      const shown =
        (choice && judgeChoice(duty, parts.shelf, parts.house, choice)) ?? proof.candidates[0] ?? null;
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
    },
  };
}

export type ProverApi = ReturnType<typeof proverApi>;
