import { figureText, marginWords } from "@proven-seat/core/basis/units";
import {
  type FindingDescription,
  figuresOf,
  gravest,
  type RuleStation,
  trueSign,
  verdictsByGravity,
} from "@proven-seat/core/judgement/rules";
import { memo, useState } from "react";
import { useUnits } from "../../../app/reading.ts";
import { BoreMark } from "../../../parts/bore-mark.tsx";
import { type ReadingUnits, verdictText } from "../../../parts/verdict-words.ts";
import { findingGroups } from "../../../stations/index.ts";
import type { CandidateDetail } from "../../../workers/views.ts";

function Inside({ finding, units }: { finding: FindingDescription; units: ReadingUnits }) {
  const { caseName, remedy } = figuresOf(finding);
  return (
    <div
      className={`mb-1 ml-5 border-l-2 pl-2.5 text-[12px] ${finding.verdict === "fails" ? "border-fails" : finding.verdict === "tight" ? "border-tight" : "border-rule"}`}
    >
      <p>{finding.says}</p>
      {caseName && <p>Limited by {caseName}.</p>}
      <dl className="my-1 grid grid-cols-[minmax(0,1fr)_auto_auto] gap-x-2">
        {finding.uses.map((used) => (
          <div key={`${used.what}${used.value}`} className="contents">
            <dt className="text-dim">{used.what}</dt>
            <dd className={typeof used.value === "number" ? "figures text-right" : "max-w-40 text-right"}>
              {figureText(used.value, used.unit, units)}
            </dd>
            <dd className="text-dim italic">{used.origin}</dd>
          </div>
        ))}
      </dl>
      {remedy && <p>Remedy: {remedy}</p>}
      <p className="text-dim">{finding.source}</p>
    </div>
  );
}

function Line({
  finding,
  units,
  open,
  onOpen,
}: {
  finding: FindingDescription;
  units: ReadingUnits;
  open: boolean;
  onOpen: () => void;
}) {
  const loud = finding.verdict === "fails" || finding.verdict === "tight";
  const figures = figuresOf(finding);
  const words =
    typeof figures.value === "string" || (figures.value === null && finding.verdict !== "not asked");
  return (
    <li>
      <button
        type="button"
        aria-expanded={open}
        className={`grid w-full grid-cols-[18px_minmax(0,1fr)_auto_3.2rem] items-baseline gap-x-1 py-[2.5px] text-left hover:bg-second ${loud || open ? "font-semibold" : ""} ${finding.verdict === "not asked" ? "text-dim" : ""}`}
        onClick={onOpen}
      >
        <span className="self-center">
          <BoreMark verdict={finding.verdict} />
        </span>
        <span className="truncate" title={finding.asks}>
          {finding.asks}
        </span>
        <span
          className={`figures text-right ${words || figures.decides !== null ? "max-w-36 truncate" : "whitespace-nowrap"}`}
        >
          {figures.value !== null && (
            <span className={loud ? verdictText[finding.verdict] : ""}>
              {figureText(figures.value, figures.unit, units).replace(
                / [^\d]*$/,
                figures.limit === null || figures.sense === "is" || words || figures.decides !== null
                  ? "$&"
                  : "",
              )}
            </span>
          )}
          {figures.decides !== null ? (
            <span className="font-normal text-dim"> {figures.decides}</span>
          ) : (
            typeof figures.limit === "number" &&
            figures.sense !== "is" &&
            finding.verdict !== "cannot tell" && (
              <span className="font-normal text-dim">
                {" "}
                {trueSign(figures.sense, figures.value, figures.limit)}{" "}
                {figureText(figures.limit, figures.unit, units)}
              </span>
            )
          )}
        </span>
        <span className={`figures text-right ${verdictText[finding.verdict]}`}>
          {marginWords(figures.margin, figures.marginUnit, units)}
        </span>
      </button>
      {open && <Inside finding={finding} units={units} />}
    </li>
  );
}

/** How many of a station's findings are of each verdict, the gravest first. */
function counted(findings: readonly FindingDescription[]): string {
  return verdictsByGravity
    .flatMap((verdict) => {
      const count = findings.filter((f) => f.verdict === verdict).length;
      return count === 0 ? [] : [`${count} ${verdict}`];
    })
    .join(", ");
}

/** Findings of the selected candidate, those of the station first; inputs and source on demand. */
export const FindingsPanel = memo(function FindingsPanel({
  detail,
  focus,
}: {
  detail: CandidateDetail;
  focus: RuleStation | null;
}) {
  const units = useUnits();
  const { findings, heldBackBy, valve, key } = detail.candidate;
  // A section opened or closed by hand is remembered for the selected candidate only.
  const [turned, setTurned] = useState<{ key: string; rules: Record<string, boolean> }>({ key, rules: {} });
  const byHand = turned.key === key ? turned.rules : {};
  const [quiet, setQuiet] = useState(true);
  const asked = findings.filter((f) => f.verdict !== "not asked");
  const shown = quiet ? asked : findings;
  const [opened, setOpened] = useState<ReadonlySet<RuleStation>>(new Set());
  const fold = (station: RuleStation) => {
    const next = new Set(opened);
    if (!next.delete(station)) next.add(station);
    setOpened(next);
  };
  // The station's own findings first; the others folded, with their counts and marks.
  const order = [...findingGroups].sort((a, b) => Number(b.id === focus) - Number(a.id === focus));
  return (
    <section aria-label="Findings" className="min-h-0 flex-1 overflow-auto px-4 pt-3">
      <div className="flex items-baseline justify-between gap-2">
        <h2>Findings</h2>
        <span
          className="truncate text-dim"
          title={`${valve.construction}, ${valve.seat}, ${valve.bodyGrade}`}
        >
          {valve.construction}, {valve.bodyGrade}
        </span>
      </div>
      {order.map(({ id: station, name }) => {
        const ofStation = shown.filter((f) => f.station === station);
        if (ofStation.length === 0) return null;
        const unfolded = focus === null || station === focus || opened.has(station);
        return (
          <div key={station} className="mt-2.5">
            <h3 className="border-b border-rule text-[12px]">
              {station === focus || focus === null ? (
                name
              ) : (
                <button
                  type="button"
                  aria-expanded={unfolded}
                  className="flex w-full items-center gap-1.5 py-0.5 text-left font-normal text-dim hover:bg-second"
                  onClick={() => fold(station)}
                >
                  <BoreMark verdict={gravest(ofStation.map((f) => f.verdict))} />
                  <span>{name}</span>
                  <span className="ml-auto">{counted(ofStation)}</span>
                </button>
              )}
            </h3>
            {unfolded && (
              <ul className="mt-0.5">
                {ofStation.map((finding) => {
                  const open =
                    byHand[finding.rule] ?? (finding.rule === heldBackBy && finding.verdict !== "holds");
                  return (
                    <Line
                      key={finding.rule}
                      finding={finding}
                      units={units}
                      open={open}
                      onOpen={() => setTurned({ key, rules: { ...byHand, [finding.rule]: !open } })}
                    />
                  );
                })}
              </ul>
            )}
          </div>
        );
      })}
      {asked.length < findings.length && (
        <button type="button" className="quiet mt-2" onClick={() => setQuiet(!quiet)}>
          {quiet ? `${findings.length - asked.length} not asked` : "hide not asked"}
        </button>
      )}
    </section>
  );
});
