import type { RuleStation, Verdict } from "@proven-seat/core/judgement/rules";
import type { OnTheBench, Station } from "./station.ts";

/** What holds the candidate in hand back at a station: the first of its gravest findings, if it is grave at all. */
function heldBackBy(station: RuleStation, { view }: OnTheBench): string | undefined {
  const candidate = view?.selected?.candidate;
  const verdict = candidate?.stations[station];
  if (verdict === "holds" || verdict === "not asked") return undefined;
  return candidate?.findings.find((f) => f.station === station && f.verdict === verdict)?.asks;
}

/** A station whose mark is the gravest of its rules' findings; the words say what holds it back, else what is there. */
export const ofRules = (
  station: RuleStation,
  heading: string,
  otherwise: (bench: OnTheBench) => string,
): Pick<Station, "findings" | "verdict" | "says" | "lineUp"> => ({
  findings: station,
  verdict: ({ view }): Verdict => view?.selected?.candidate.stations[station] ?? "not asked",
  says: (bench) => heldBackBy(station, bench) ?? otherwise(bench),
  lineUp: {
    heading,
    verdict: (_, marks) => (marks === null ? null : (marks.stations?.[station] ?? "not asked")),
  },
});
