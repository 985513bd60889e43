import type { Verdict } from "@proven-seat/core/rules";
import { gravest } from "@proven-seat/core/rules";
import { figureText } from "@proven-seat/core/units";
import type { PaperState } from "../../parts/paper-mark.tsx";
import type { ReadingUnits } from "../../parts/verdict-words.ts";
import type { BenchView } from "../../workers/views.ts";

export const stationIds = ["duty", "body", "envelope", "flow", "torque", "drive", "fit-up", "sheet"] as const;
export type StationId = (typeof stationIds)[number];

export interface StationMark {
  readonly id: StationId;
  readonly name: string;
  readonly verdict: Verdict;
  /** For the sheet alone: a state of paper is not a verdict of a proof. */
  readonly paper: PaperState | null;
  readonly says: string;
}

/** The newest issued sheet, and whether it still says what the tag says. */
export interface IssuedState {
  readonly revision: string;
  readonly current: boolean;
}

const names: Record<StationId, string> = {
  duty: "Duty",
  body: "Body",
  envelope: "Envelope",
  flow: "Flow",
  torque: "Torque",
  drive: "Drive",
  "fit-up": "Fit-up",
  sheet: "Sheet",
};

/** A hand holds this on a lever for a while, N; above it a gear is wanted. */
const handN = 360;
/** A longer lever than this is no lever any more, mm. */
const longestLeverMm = 750;

/** What a bare stem takes, and whether a hand can. */
function byHand(breakNm: number | null, units: ReadingUnits): string {
  if (breakNm === null) return "by hand";
  const can = breakNm <= (handN * longestLeverMm) / 1000;
  return `by hand, ${figureText(breakNm, "N·m", units)}${can ? "" : ": wants a gear"}`;
}

/** The line across the top: each station with its mark and the few words that matter there. */
export function stationMarks(
  view: BenchView | null,
  cases: number,
  chosen: boolean,
  lastSheet: IssuedState | null,
  units: ReadingUnits,
): StationMark[] {
  const inHand = view?.inHand?.candidate;
  const of = (station: "body" | "envelope" | "torque" | "drive" | "fit-up"): Verdict =>
    inHand?.stations[station] ?? "not asked";
  const gravestOf = (station: string) =>
    inHand?.findings.filter(
      (f) =>
        f.station === station &&
        f.verdict === of(station as "body") &&
        f.verdict !== "holds" &&
        f.verdict !== "not asked",
    )[0]?.asks;
  const says: Record<StationId, string> = {
    duty: `${cases} ${cases === 1 ? "case" : "cases"}${view && view.missing.length > 0 ? `, ${view.missing.length} open` : ""}`,
    body: gravestOf("body") ?? inHand?.valve.construction ?? "",
    envelope: gravestOf("envelope") ?? inHand?.valve.seat ?? "",
    flow: "on–off: not asked",
    torque:
      inHand?.breakNm != null
        ? `${figureText(inHand.breakNm, "N·m", units)} break`
        : (gravestOf("torque") ?? ""),
    drive: gravestOf("drive") ?? (inHand ? (inHand.drive?.size ?? byHand(inHand.breakNm, units)) : ""),
    "fit-up": gravestOf("fit-up") ?? (inHand ? inHand.valve.pad : ""),
    sheet: lastSheet
      ? `revision ${lastSheet.revision}${lastSheet.current ? "" : ", changed since"}`
      : chosen
        ? "ready to issue"
        : "nothing chosen",
  };
  const verdicts: Record<StationId, Verdict> = {
    duty: view?.dutyVerdict ?? "not asked",
    body: of("body"),
    envelope: of("envelope"),
    flow: "not asked",
    torque: of("torque"),
    drive: of("drive"),
    "fit-up": of("fit-up"),
    sheet: "not asked",
  };
  const paper: PaperState = lastSheet
    ? lastSheet.current
      ? "issued"
      : "changed since"
    : chosen
      ? view?.choiceGone
        ? "choice gone"
        : "ready"
      : "none";
  return stationIds.map((id) => ({
    id,
    name: names[id],
    verdict: verdicts[id],
    paper: id === "sheet" ? paper : null,
    says: says[id],
  }));
}

/** The gravest verdict on each case over all findings of the candidate in hand. */
export function caseVerdicts(view: BenchView | null): Record<string, Verdict> {
  const gathered: Record<string, Verdict[]> = {};
  for (const finding of view?.inHand?.candidate.findings ?? []) {
    for (const result of finding.byCase) {
      gathered[result.caseId] ??= [];
      gathered[result.caseId]!.push(result.verdict);
    }
  }
  return Object.fromEntries(Object.entries(gathered).map(([id, verdicts]) => [id, gravest(verdicts)]));
}
