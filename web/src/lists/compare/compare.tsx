import { figure, figureText, marginWords, type Reading } from "@proven-seat/core/basis/units";
import { type FindingDescription, figuresOf } from "@proven-seat/core/judgement/rules";
import { memo, useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { useBench } from "../../bench/bench-store.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Coming } from "../../parts/coming.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { ReadingUnits } from "../../parts/verdict-words.ts";
import { verdictText } from "../../parts/verdict-words.ts";
import { findingGroups } from "../../stations/index.ts";
import type { BenchView } from "../../workers/bench-view.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { differingFirst } from "./differing-first.ts";

const facts: readonly (readonly [string, (d: CandidateDetail, units: Reading) => string])[] = [
  ["construction", (d) => d.candidate.valve.construction],
  ["maker and line", (d) => `${d.candidate.valve.maker}, ${d.candidate.valve.line}`],
  ["class", (d) => d.candidate.valve.designation],
  ["cavity", (d) => d.candidate.valve.cavity],
  ["body", (d) => d.candidate.valve.bodyGrade],
  ["trim", (d) => d.candidate.valve.trim],
  ["seat", (d) => d.candidate.valve.seat],
  ["seals", (d) => d.candidate.valve.seals],
  ["stem seal", (d) => d.candidate.valve.stemSeal],
  ["ends", (d) => d.candidate.valve.ends],
  [
    "actuator",
    (d) => (d.candidate.drive ? `${d.candidate.drive.family} ${d.candidate.drive.size}` : "bare stem"),
  ],
  [
    "breakaway torque",
    (d, u) => (d.byConstruction ? "ask the maker" : figureText(d.candidate.breakNm, "N·m", u)),
  ],
  ["weight", (d, u) => (d.byConstruction ? "ask the maker" : figureText(d.candidate.weightKg, "kg", u))],
  ["price", (d) => (d.byConstruction ? "ask the maker" : figure(d.candidate.price))],
];

/** Value and margin of a finding, where it has them. */
const shownFigures = (finding: FindingDescription, units: ReadingUnits) => {
  const { value, unit, margin, marginUnit } = figuresOf(finding);
  return `${value === null ? "" : figureText(value, unit, units)} ${marginWords(margin, marginUnit, units)}`;
};

/** Heading of a column: select the candidate, or remove it from the comparison. */
function Head({ detail: { candidate } }: { detail: CandidateDetail }) {
  const { dropCompared, take } = useBench.getState();
  return (
    <span role="columnheader" className="flex min-w-0 items-center gap-1.5 font-semibold">
      <BoreMark verdict={candidate.verdict} />
      <button
        type="button"
        className="truncate hover:underline"
        title={candidate.key}
        onClick={() => take(candidate.key)}
      >
        {candidate.valve.construction}
      </button>
      <button
        type="button"
        className="quiet ml-auto"
        aria-label={`remove ${candidate.valve.construction}`}
        onClick={() => dropCompared(candidate.key)}
      >
        ×
      </button>
    </span>
  );
}

/** Up to four candidates side by side, differences first. */
const Compare = memo(function Compare({ view }: { view: BenchView }) {
  const compared = useBench((s) => s.compared);
  const units = useUnits();
  const { answer, current, failure } = useAnswer(view.proof, "details", [compared]);
  const [showAll, setAll] = useState(false);
  if (compared.length === 0)
    return (
      <p className="p-2 text-dim">
        Nothing to compare yet. Select a candidate and press <kbd>K</kbd>, or use "compare" beside the
        selection. You can compare up to four.
      </p>
    );
  if (answer === undefined || (answer.length === 0 && !current))
    return <Coming failure={failure}>Comparing …</Coming>;
  const details = answer;
  const gone = current ? compared.length - details.length : 0;
  const rows = differingFirst(
    facts.map(([name, cellOf]) => ({ name, cells: details.map((d) => cellOf(d, units)) })),
    (row) => row.cells,
  );
  const asked = details[0]?.candidate.findings.map((f) => f.rule) ?? [];
  const findings = differingFirst(
    asked
      .map((rule) => ({ rule, of: details.map((d) => d.candidate.findings.find((f) => f.rule === rule)!) }))
      .filter(({ of: findings }) => findings.some((f) => f.verdict !== "not asked")),
    ({ of: findings }) => findings.map((f) => f.verdict),
  );
  const different = {
    facts: rows.filter((r) => r.differs).length,
    findings: findings.filter((f) => f.differs).length,
  };
  const template = { gridTemplateColumns: `8rem repeat(${details.length}, minmax(0, 1fr))` };
  return (
    <Scroll label="Comparison of candidates" className="min-h-0 flex-1">
      {gone > 0 && (
        <p className="text-[12px] text-tight">{gone} of them no longer a candidate for this duty.</p>
      )}
      <div role="table" aria-label="Comparison">
        <div
          role="row"
          className="sticky top-0 grid gap-x-3 border-b border-rule bg-paper pb-1"
          style={template}
        >
          <span role="columnheader" className="text-[12px] text-dim">
            {different.facts + different.findings} differ
          </span>
          {details.map((d) => (
            <Head key={d.candidate.key} detail={d} />
          ))}
        </div>
        {rows
          .filter((r) => r.differs || showAll)
          .map((r) => (
            <div
              role="row"
              key={r.name}
              className={`grid gap-x-3 border-b border-rule/60 py-[2px] ${r.differs ? "" : "text-dim"}`}
              style={template}
            >
              <span role="rowheader" className="text-dim">
                {r.name}
              </span>
              {r.cells.map((cell, i) => (
                <span role="cell" key={details[i]!.candidate.key} className="truncate" title={cell}>
                  {cell}
                </span>
              ))}
            </div>
          ))}
        {findingGroups.map(({ id: station, name }) => {
          const ofStation = findings.filter(
            ({ rule, differs }) => rule.startsWith(`${station}/`) && (differs || showAll),
          );
          if (ofStation.length === 0) return null;
          return (
            <div role="rowgroup" key={station}>
              <div role="row">
                <span role="rowheader" className="text-[12px] text-dim">
                  {name}
                </span>
              </div>
              {ofStation.map(({ rule, of: findings, differs }) => (
                <div
                  role="row"
                  key={rule}
                  className={`grid gap-x-3 border-b border-rule/60 py-[2px] ${differs ? "" : "text-dim"}`}
                  style={template}
                >
                  <span role="rowheader" className="truncate" title={findings[0]!.asks}>
                    {findings[0]!.asks}
                  </span>
                  {findings.map((f, i) => (
                    <span
                      role="cell"
                      key={details[i]!.candidate.key}
                      className="flex min-w-0 items-center gap-1.5"
                      title={f.says}
                    >
                      <BoreMark verdict={f.verdict} />
                      <span className={`figures truncate ${verdictText[f.verdict]}`}>
                        {shownFigures(f, units)}
                      </span>
                    </span>
                  ))}
                </div>
              ))}
            </div>
          );
        })}
      </div>
      <button type="button" className="quiet py-1" onClick={() => setAll(!showAll)}>
        {showAll ? "differences only" : "all rows"}
      </button>
    </Scroll>
  );
});

export default Compare;
