import { later } from "../../parts/later.tsx";
import type { PaperState } from "../../parts/paper-mark.tsx";
import type { OnTheBench, Station } from "../station.ts";

const SheetStation = later(() => import("./sheet-station.tsx"));

function paperOf({ view, chosen, issued }: OnTheBench): PaperState {
  if (issued) return issued.current ? "issued" : "changed since";
  if (!chosen) return "none";
  return view?.choiceGone ? "selection invalid" : "ready";
}

export const station: Station = {
  id: "sheet",
  name: "Sheet",
  place: 80,
  findings: null,
  // A state of paper is not a verdict of a proof.
  verdict: () => "not asked",
  paper: paperOf,
  says: ({ chosen, issued }) =>
    issued
      ? `revision ${issued.revision}${issued.current ? "" : ", changed since"}`
      : chosen
        ? "ready to issue"
        : "nothing chosen",
  lineUp: {
    heading: "Sheet",
    verdict: (row) => (row.sheet ? "holds" : "not asked"),
    text: (row) => row.sheet?.revision ?? null,
  },
  Picture: ({ view, onOverride }) => <SheetStation view={view} onOverride={onOverride} />,
  tabs: [],
};
