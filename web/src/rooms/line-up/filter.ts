import type { TagRow } from "@proven-seat/contract";
import type { Verdict } from "@proven-seat/core/rules";
import type { TagSummary } from "../../workers/views.ts";
import { type MarkedStation, stationVerdict } from "./tag-line.tsx";

/** What the line-up shows of all tags. */
export interface Filter {
  readonly text: string;
  readonly verdict: Verdict | "";
  readonly station: MarkedStation | "";
}

export const everything: Filter = { text: "", verdict: "", station: "" };

/** Whether a tag is shown; one that is not proved yet has no verdict to be shown for. */
export function fits(row: TagRow, summary: TagSummary | null, { text, verdict, station }: Filter): boolean {
  const wanted = text.trim().toLowerCase();
  if (
    wanted &&
    !`${row.number} ${row.service} ${row.unit} ${row.lineDesignation ?? ""} ${row.dn ?? ""}`
      .toLowerCase()
      .includes(wanted)
  )
    return false;
  if (!verdict) return true;
  if (station) return stationVerdict(row, summary, station) === verdict;
  return summary !== null && (summary.missing.length > 0 ? "cannot tell" : summary.verdict) === verdict;
}
