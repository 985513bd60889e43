import { useAnswer, useAnswers } from "../../bench/answers.ts";
import type { BenchView } from "../../workers/bench-view.ts";
import type { BreakingPoint, MovableValue } from "../../workers/views.ts";

export interface Reaches {
  readonly values: readonly MovableValue[];
  /** By path; from the previous duty until the new answer arrives. */
  readonly points: Readonly<Record<string, BreakingPoint>>;
  /** By path, of this duty only. */
  readonly settled: Readonly<Record<string, BreakingPoint>>;
  readonly done: boolean;
  readonly failure: string | null;
}

/** How far each value may move, one by one: an edit in between is proved first. */
export function useReach({ proof, selected }: BenchView): Reaches {
  const key = selected?.candidate.key ?? null;
  const movable = useAnswer(proof, "movable", key === null ? null : [key]);
  const values = movable.answer ?? [];
  const { answers, current, failure } = useAnswers(
    proof,
    "breaking",
    key !== null ? values.map(({ path }) => [key, path] as const) : [],
  );
  const points: Record<string, BreakingPoint> = {};
  const settled: Record<string, BreakingPoint> = {};
  for (const [index, point] of answers.entries()) {
    if (!point) continue;
    points[values[index]!.path] = point;
    if (current[index]) settled[values[index]!.path] = point;
  }
  return {
    values,
    points,
    settled,
    done: movable.current && current.every(Boolean),
    failure: movable.failure ?? failure,
  };
}
