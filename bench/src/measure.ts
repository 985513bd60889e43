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
export function measure(runs: number, run: () => void): Measured {
  return summary(Array.from({ length: runs }, () => timed(run)));
}

/** Milliseconds of two things done in turn. */
export function measurePairs(
  runs: number,
  one: (i: number) => void,
  other: (i: number) => void,
): { full: Measured; bare: Measured } {
  const full: number[] = [];
  const bare: number[] = [];
  for (let i = 0; i < runs; i++) {
    full.push(timed(() => one(i)));
    bare.push(timed(() => other(i)));
  }
  return { full: summary(full), bare: summary(bare) };
}

export const shown = (value: number) => (value >= 100 ? value.toFixed(0) : value.toFixed(2)).padStart(8);
