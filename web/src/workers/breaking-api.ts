import { dutiesOtherwise, settle } from "@proven-seat/core/duty";
import {
  type BreakingPoint,
  breakingPoint,
  type CandidateInHand,
  type DutyValue,
  dutyValues,
  type MapCell,
  mapRow,
} from "@proven-seat/core/judgement/breaking";
import { prove } from "@proven-seat/core/judgement/proof";
import { gravityOf } from "@proven-seat/core/judgement/rules";
import { candidateOf, type Proving } from "./proving.ts";
import type { MovableValue } from "./views.ts";

function setting(proving: Proving, key: string): { selected: CandidateInHand; values: DutyValue[] } | null {
  const { duty, house, shelf } = proving;
  const candidate = candidateOf(proving, key);
  if (!candidate) return null;
  const { valve, drive } = candidate;
  return {
    selected: { valve, drive, accessories: shelf.accessories, house },
    values: dutyValues(duty, settle(duty, house), valve),
  };
}

/** Movable values, for the candidate of a key. */
export function movableValues(proving: Proving, key: string): MovableValue[] {
  return (setting(proving, key)?.values ?? []).map(
    ({ at: _at, knots: _knots, narrow: _narrow, ...value }) => value,
  );
}

/** How far one value may move; null when the candidate or the value no longer exists. */
export function breakingPointOf(proving: Proving, key: string, path: string): BreakingPoint | null {
  const set = setting(proving, key);
  const value = set?.values.find((v) => v.path === path);
  return set && value ? breakingPoint(set.selected, proving.duty, value) : null;
}

/** One row of the map of two values. */
export function mapRowOf(
  proving: Proving,
  key: string,
  across: { readonly path: string; readonly at: readonly number[] },
  up: { readonly path: string; readonly at: number },
): (MapCell | null)[] {
  const set = setting(proving, key);
  const [x, y] = [across.path, up.path].map((path) => set?.values.find((v) => v.path === path));
  return set && x && y
    ? mapRow(set.selected, proving.duty, { value: x, at: across.at }, { value: y, at: up.at })
    : [];
}

/** Number of candidates that change if a missing item turns out otherwise. */
export function effectOf({ duty, shelf, house, proof }: Proving, field: string): number {
  const stands = (candidates: typeof proof.candidates) =>
    new Set(candidates.filter((c) => gravityOf(c.verdict) < gravityOf("fails")).map((c) => c.valve.key));
  const now = stands(proof.candidates);
  return Math.max(
    0,
    ...dutiesOtherwise(field, duty).map((other) => {
      const then = stands(prove(other, shelf, house).candidates);
      return (
        [...now].filter((key) => !then.has(key)).length + [...then].filter((key) => !now.has(key)).length
      );
    }),
  );
}
