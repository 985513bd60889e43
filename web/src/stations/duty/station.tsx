import { gravityOf } from "@proven-seat/core/judgement/rules";
import { candidates } from "../../lists/candidates/tab.ts";
import { compare } from "../../lists/compare/tab.ts";
import { reach } from "../../lists/reach/tab.ts";
import { later } from "../../parts/later.tsx";
import type { OnTheBench, Station } from "../station.ts";
import { useAddCase } from "./adding-case.ts";

const MissingList = later(() => import("./missing-list.tsx"));

/** The question of the duty's own findings that is not well answered, the gravest first. */
function gravestAsked(view: OnTheBench["view"]): string | null {
  const findings = (view?.selected?.candidate.findings ?? []).filter(
    (f) => f.station === "duty" && f.verdict !== "holds" && f.verdict !== "not asked",
  );
  return findings.sort((a, b) => gravityOf(b.verdict) - gravityOf(a.verdict))[0]?.asks ?? null;
}

export const station: Station = {
  id: "duty",
  name: "Duty",
  place: 10,
  findings: "duty",
  verdict: ({ view }) => view?.dutyVerdict ?? "not asked",
  says: ({ view, cases }) =>
    gravestAsked(view) ??
    `${cases} ${cases === 1 ? "case" : "cases"}${view && view.missing.length > 0 ? `, ${view.missing.length} missing` : ""}`,
  lineUp: { heading: "Duty", verdict: (_, summary) => summary?.duty ?? null },
  Picture: ({ view }) => (
    <section aria-label="Missing" className="max-h-[45%] shrink-0 overflow-auto px-4 pt-3">
      <h2>Missing inputs</h2>
      <MissingList view={view} />
    </section>
  ),
  tabs: [candidates, reach, compare],
  commands: [{ name: "Add an operating case", key: "a", act: () => useAddCase.getState().set(true) }],
};
