import type { TagRow } from "@proven-seat/contract";
import type { TagSummary } from "@proven-seat/core/judgement/proof";
import { download } from "../../parts/download.ts";
import type { ReadingUnits } from "../../parts/verdict-words.ts";
import { startListWork } from "../../workers/list-work.ts";
import { selectionsSheet } from "./selections.ts";

/** Saves the selection of each tag with its result as a workbook. */
export async function exportSelections(
  rows: readonly TagRow[],
  summaryOf: (row: TagRow) => TagSummary | null,
  units: ReadingUnits,
): Promise<void> {
  const work = startListWork();
  try {
    const bytes = await work.api.workbook(selectionsSheet(rows, summaryOf, units));
    download("selections.xlsx", bytes, "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
  } finally {
    work.end();
  }
}
