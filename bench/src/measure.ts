export interface Measured {
  readonly median: number;
  readonly p95: number;
}

function timed(run: () => void): number {
  const started = performance.now();
  run();
  return performance.now() - started;
}

function summary(times: readonly number[]): Measured {
  const sorted = [...times].sort((a, b) => a - b);
  return {
    median: sorted[Math.floor(sorted.length / 2)]!,
    p95: sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * 0.95))]!,
  };
}

/** Milliseconds of many runs of one thing. */
export function measure(runs: number, run: (i: number) => void): Measured {
  return summary(Array.from({ length: runs }, (_, i) => timed(() => run(i))));
}

/** Milliseconds of several things done in turn. */
export function measureInTurn(runs: number, things: readonly ((i: number) => void)[]): Measured[] {
  const times = things.map((): number[] => []);
  for (let i = 0; i < runs; i++) things.forEach((thing, k) => void times[k]!.push(timed(() => thing(i))));
  return times.map(summary);
}

export const shown = (value: number) => (value >= 100 ? value.toFixed(0) : value.toFixed(2)).padStart(8);
