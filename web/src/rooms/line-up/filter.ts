import type { TagRow } from "@proven-seat/contract";
import type { TagMarks } from "@proven-seat/core/judgement/proof";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { markedStations } from "../../stations/index.ts";

/** Filters of the line-up. */
export interface Filter {
  readonly text: string;
  readonly verdict: Verdict | "";
  /** Id of a station, empty for any. */
  readonly station: string;
}

export const everything: Filter = { text: "", verdict: "", station: "" };

/** Whether a tag is shown; one without a proof has no verdict to match. */
export function fits(row: TagRow, marks: TagMarks | null, { text, verdict, station }: Filter): boolean {
  const wanted = text.trim().toLowerCase();
  if (
    wanted &&
    !`${row.number} ${row.service} ${row.unit} ${row.lineDesignation ?? ""} ${row.dn ?? ""} ${Object.values(row.remarks ?? {}).join(" ")}`
      .toLowerCase()
      .includes(wanted)
  )
    return false;
  if (!verdict) return true;
  if (station) return markedStations.find((s) => s.id === station)?.verdict(row, marks) === verdict;
  return marks?.verdict === verdict;
}
