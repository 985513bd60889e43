import type { RuleStation, Verdict } from "@proven-seat/core/judgement/rules";
import type { OnTheBench, Station } from "./station.ts";

/** Limiting finding of the selected candidate at a station: the first of its gravest, if one is grave. */
function heldBackBy(station: RuleStation, { view }: OnTheBench): string | undefined {
  const candidate = view?.selected?.candidate;
  const verdict = candidate?.stations[station];
  if (verdict === "holds" || verdict === "not asked") return undefined;
  return candidate?.findings.find((f) => f.station === station && f.verdict === verdict)?.asks;
}

/** A station whose mark is the gravest of its findings; the words give the limiting finding, else the selection. */
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
