export interface Measured {
  readonly median: number;
  readonly p95: number;
}

/** Milliseconds of many runs of one thing. */
export function measure(runs: number, run: () => void): Measured {
  const times = Array.from({ length: runs }, () => {
    const started = performance.now();
    run();
    return performance.now() - started;
  }).sort((a, b) => a - b);
  return { median: times[Math.floor(runs / 2)]!, p95: times[Math.min(runs - 1, Math.floor(runs * 0.95))]! };
}

export const shown = (value: number) => (value >= 100 ? value.toFixed(0) : value.toFixed(2)).padStart(8);
