import type { TagRow } from "@proven-seat/contract";
import { useCallback, useEffect, useRef, useState } from "react";
import { call } from "../../app/api.ts";
import { useProver } from "../../bench/proof.ts";
import type { TagSummary } from "../../workers/views.ts";

/** Summaries outlive the room, so that coming back to the line-up costs nothing. */
const known = new Map<string, TagSummary>();
let knownFor: string | null = null;

export interface ProvingProgress {
  readonly done: number;
  readonly total: number;
  readonly secondsLeft: number | null;
}

const chunk = 100;
const keyOf = (row: TagRow) => `${row.id}:${row.version}`;

/** Proves every tag of the list in the background: the rows in view first, cancellable, with progress. */
export function useSummaries(project: string | undefined, rows: readonly TagRow[] | undefined) {
  const { prover, failure } = useProver();
  const [, redraw] = useState(0);
  const [proving, setProving] = useState<ProvingProgress | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [stopped, setStopped] = useState(false);
  const [run, setRun] = useState(0);
  const inView = useRef<readonly string[]>([]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: a new run takes up what was left
  useEffect(() => {
    if (!prover || !project || !rows || stopped) return;
    if (knownFor !== prover.basis) {
      known.clear();
      knownFor = prover.basis;
    }
    let cancelled = false;
    const control = new AbortController();
    const open = new Map(rows.filter((row) => !known.has(keyOf(row))).map((row) => [row.id, row]));
    const total = open.size;
    const started = performance.now();
    const next = (): TagRow[] => {
      const first = inView.current.map((id) => open.get(id)).filter((row) => row !== undefined);
      return [...first, ...[...open.values()].slice(0, chunk)].slice(
        0,
        first.length > 0 ? Math.max(first.length, 1) : chunk,
      );
    };
    const work = async () => {
      let drawn = 0;
      while (open.size > 0 && !cancelled) {
        const batch = next();
        const duties = await call("duties", {
          parameters: { id: project },
          body: { ids: batch.map((r) => r.id) },
          signal: control.signal,
        });
        const byId = new Map(duties.map((d) => [d.id, d]));
        for (const row of batch) {
          open.delete(row.id);
          const found = byId.get(row.id);
          if (found) known.set(keyOf(row), await prover.api.summarise(found.duty, row.choice));
          if (cancelled) return;
          const now = performance.now();
          if (now - drawn > 80) {
            drawn = now;
            const done = total - open.size;
            setProving({
              done,
              total,
              secondsLeft: done > 20 ? ((now - started) / done) * (open.size / 1000) : null,
            });
            redraw((n) => n + 1);
          }
        }
      }
      setProving(null);
      redraw((n) => n + 1);
    };
    if (total > 0) {
      work().catch((error: Error) => {
        if (cancelled) return;
        setProving(null);
        setTrouble(error.message);
      });
    }
    return () => {
      cancelled = true;
      control.abort();
    };
  }, [prover, project, rows, stopped, run]);

  return {
    summaryOf: useCallback((row: TagRow) => known.get(keyOf(row)) ?? null, []),
    proving,
    trouble: trouble ?? failure,
    stopped,
    setInView: (ids: readonly string[]) => {
      inView.current = ids;
    },
    stop: () => {
      setStopped(true);
      setProving(null);
    },
    resume: () => {
      setStopped(false);
      setTrouble(null);
      setRun((n) => n + 1);
    },
  };
}
