import type { TagRow } from "@proven-seat/contract";
import type { TagSummary } from "../../workers/views.ts";
export interface Proving {
  readonly done: number;
  readonly total: number;
  readonly secondsLeft: number | null;
}
/** Proves every tag of the list in the background: the rows in view first, cancellable, with progress. */
export declare function useSummaries(
  project: string | undefined,
  rows: readonly TagRow[] | undefined,
): {
  summaryOf: (row: TagRow) => TagSummary | null;
  proving: Proving | null;
  trouble: string | null;
  stopped: boolean;
  setInView: (ids: readonly string[]) => void;
  stop: () => void;
  resume: () => void;
};
//# sourceMappingURL=summaries.d.ts.map
