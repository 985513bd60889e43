import type { Verdict } from "@proven-seat/core/rules";
import { type ReadingUnits } from "../../parts/verdict-words.ts";
import type { BenchView } from "../../workers/views.ts";
export declare const stationIds: readonly [
  "duty",
  "body",
  "envelope",
  "flow",
  "torque",
  "drive",
  "fit-up",
  "sheet",
];
export type StationId = (typeof stationIds)[number];
export interface StationMark {
  readonly id: StationId;
  readonly name: string;
  readonly verdict: Verdict;
  readonly says: string;
}
/** The line across the top: each station with its mark and the few words that matter there. */
export declare function stationMarks(
  view: BenchView | null,
  cases: number,
  chosen: boolean,
  lastSheet: string | null,
  units: ReadingUnits,
): StationMark[];
/** The gravest verdict on each case over all findings of the candidate in hand. */
export declare function caseVerdicts(view: BenchView | null): Record<string, Verdict>;
//# sourceMappingURL=stations.d.ts.map
