import { useEffect, useState } from "react";
import type { ProverHandle } from "../../workers/prover.ts";
import type { BenchView, BreakingPoint, MovableValue } from "../../workers/views.ts";

export interface Reaches {
  readonly key: string | null;
  readonly values: readonly MovableValue[];
  readonly points: Readonly<Record<string, BreakingPoint>>;
  readonly done: boolean;
}

const none: Reaches = { key: null, values: [], points: {}, done: false };

/**
 * How far each value may move, one after the other. Every value is a question of its own to the prover, so
 * that the next edit is proved at once: what was asked before it is simply not asked on.
 */
export function useReach(view: BenchView, prover: ProverHandle | null): Reaches {
  const [reaches, setReaches] = useState<Reaches>(none);
  const key = view.inHand?.candidate.key ?? null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new proof asks anew
  useEffect(() => {
    let current = true;
    const ask = async () => {
      if (!prover || key === null) return setReaches(none);
      const values = await prover.api.movable(key);
      if (!current) return;
      // What was found for the last duty stays readable until its successor comes in.
      setReaches((so) => ({ key, values, points: so.key === key ? so.points : {}, done: false }));
      for (const { path } of values) {
        const point = await prover.api.breaking(key, path);
        if (!current) return;
        if (point) setReaches((so) => ({ ...so, points: { ...so.points, [path]: point } }));
      }
      setReaches((so) => ({ ...so, done: true }));
    };
    void ask();
    return () => {
      current = false;
    };
  }, [view, prover, key]);
  return reaches;
}
