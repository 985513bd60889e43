import type { TagRow } from "@proven-seat/contract";
import type { SheetToWrite } from "@proven-seat/core/duty/workbook";
import type { TagSummary } from "@proven-seat/core/judgement/proof";
import { sentenceOf } from "../../parts/tag-sentence.ts";
import type { ReadingUnits } from "../../parts/verdict-words.ts";
import { markedStations } from "../../stations/index.ts";

const column = (heading: string, width: number, unit = "") => ({ heading, unit, width });

/** Valve and actuator of a key as on the shelf, for looking them up. */
const chosen = ({ choice }: TagRow, summary: TagSummary | null) =>
  choice ? (summary?.valve?.key === choice.valve ? summary.valve.name : choice.valve) : "";

/** Selection and result of each tag, as a sheet for spreadsheet users: marks are words. */
export function selectionsSheet(
  rows: readonly TagRow[],
  summaryOf: (row: TagRow) => TagSummary | null,
  units: ReadingUnits,
): SheetToWrite {
  return {
    name: "Selections",
    columns: [
      column("Tag", 14),
      column("Service", 28),
      column("Unit", 14),
      column("Size", 8, "DN"),
      column("Line class", 12),
      ...markedStations.map(({ name }) => column(name, 12)),
      column("Suitable", 8, "candidates"),
      column("Cannot tell", 8, "candidates"),
      column("Ruled out", 8, "candidates"),
      column("Chosen valve", 34),
      column("Chosen actuator", 20),
      column("Reason for override", 30),
      column("Limited by", 60),
      column("Sheet", 8, "revision"),
    ],
    rows: rows.map((row) => {
      const summary = summaryOf(row);
      return [
        row.number,
        row.service,
        row.unit,
        row.dn,
        row.lineDesignation,
        ...markedStations.map(({ verdict, text }) =>
          summary === null ? "not proved yet" : (text?.(row) ?? verdict(row, summary) ?? ""),
        ),
        ...(summary === null
          ? [null, null, null]
          : [
              summary.standing - summary.cannotTell,
              summary.cannotTell,
              summary.considered - summary.standing,
            ]),
        chosen(row, summary),
        row.choice?.drive ?? "",
        row.choice?.overrideReason ?? "",
        summary === null ? "not proved yet" : sentenceOf(summary, units).text,
        row.sheet?.revision ?? "",
      ];
    }),
  };
}
