import type { TagRow } from "@proven-seat/contract";
import type { Verdict } from "@proven-seat/core/rules";
import { type ReadingUnits } from "../../parts/verdict-words.ts";
import type { TagSummary } from "../../workers/views.ts";
/** Stations with a mark in the line-up, in the order of the work. */
export declare const markedStations: readonly [
  "duty",
  "body",
  "envelope",
  "torque",
  "drive",
  "fit-up",
  "sheet",
];
export type MarkedStation = (typeof markedStations)[number];
/** Columns shared by the heading and the lines. */
export declare const columns =
  "grid grid-cols-[6.5rem_minmax(8rem,12rem)_6rem_2.4rem_4.6rem_repeat(7,2.5rem)_minmax(12rem,1fr)] items-center gap-x-2 px-6";
export declare function stationVerdict(
  row: TagRow,
  summary: TagSummary | null,
  station: MarkedStation,
): Verdict | null;
/** The sentence that holds a tag back. */
export declare function sentenceOf(
  summary: TagSummary | null,
  units: ReadingUnits,
): {
  text: string;
  verdict: Verdict;
};
interface Props {
  row: TagRow;
  summary: TagSummary | null;
  units: ReadingUnits;
  current: boolean;
  onCurrent: () => void;
}
export declare function TagLine({
  row,
  summary,
  units,
  current,
  onCurrent,
}: Props): import("react").JSX.Element;
//# sourceMappingURL=tag-line.d.ts.map
