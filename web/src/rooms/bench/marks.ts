import { gravest, type Verdict } from "@proven-seat/core/judgement/rules";
import type { PaperState } from "../../parts/paper-mark.tsx";
import { stations } from "../../stations/index.ts";
import type { OnTheBench } from "../../stations/station.ts";
import type { BenchView } from "../../workers/bench-view.ts";

export interface StationMark {
  readonly id: string;
  readonly name: string;
  readonly verdict: Verdict;
  readonly paper: PaperState | null;
  readonly says: string;
}

/** The line across the top: each station with its mark and the few words that matter there. */
export const stationMarks = (bench: OnTheBench): StationMark[] =>
  stations.map(({ id, name, verdict, paper, says }) => ({
    id,
    name,
    verdict: verdict(bench),
    paper: paper?.(bench) ?? null,
    says: says(bench),
  }));

/** The gravest verdict on each case over all findings of the selected candidate. */
export function caseVerdicts(view: BenchView | null): Record<string, Verdict> {
  const gathered: Record<string, Verdict[]> = {};
  for (const finding of view?.selected?.candidate.findings ?? []) {
    for (const result of finding.byCase) {
      gathered[result.caseId] ??= [];
      gathered[result.caseId]!.push(result.verdict);
    }
  }
  return Object.fromEntries(Object.entries(gathered).map(([id, verdicts]) => [id, gravest(verdicts)]));
}
