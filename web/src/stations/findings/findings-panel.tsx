import { type Finding, type RuleStation, ruleStations, trueSign } from "@proven-seat/core/rules";
import { figureText, marginWords } from "@proven-seat/core/units";
import { memo, useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { type ReadingUnits, verdictText } from "../../parts/verdict-words.ts";
import type { CandidateDetail } from "../../workers/views.ts";

const stationNames: Record<RuleStation, string> = {
  body: "Body",
  envelope: "Envelope",
  torque: "Torque",
  drive: "Drive",
  "fit-up": "Fit-up",
};

function Inside({ finding, units }: { finding: Finding; units: ReadingUnits }) {
  return (
    <div
      className={`mb-1 ml-5 border-l-2 pl-2.5 text-[12px] ${finding.verdict === "fails" ? "border-fails" : finding.verdict === "tight" ? "border-tight" : "border-rule"}`}
    >
      <p>{finding.says}</p>
      {finding.caseName && <p>Governed by {finding.caseName}.</p>}
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
      {finding.remedy && <p>Would change it: {finding.remedy}</p>}
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
  finding: Finding;
  units: ReadingUnits;
  open: boolean;
  onOpen: () => void;
}) {
  const loud = finding.verdict === "fails" || finding.verdict === "tight";
  const words =
    typeof finding.value === "string" || (finding.value === null && finding.verdict !== "not asked");
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
        <span className={`figures text-right ${words ? "max-w-36 truncate" : "whitespace-nowrap"}`}>
          {finding.value !== null && (
            <span className={loud ? verdictText[finding.verdict] : ""}>
              {figureText(finding.value, finding.unit, units).replace(
                / [^\d]*$/,
                finding.limit === null || finding.sense === "is" || words ? "$&" : "",
              )}
            </span>
          )}
          {typeof finding.limit === "number" && finding.sense !== "is" && (
            <span className="font-normal text-dim">
              {" "}
              {trueSign(finding.sense, finding.value, finding.limit)}{" "}
              {figureText(finding.limit, finding.unit, units)}
            </span>
          )}
        </span>
        <span className={`figures text-right ${verdictText[finding.verdict]}`}>
          {marginWords(finding.margin, finding.marginUnit, units)}
        </span>
      </button>
      {open && <Inside finding={finding} units={units} />}
    </li>
  );
}

/** Findings of the candidate in hand; inputs and source on demand, the grave ones open. */
export const FindingsPanel = memo(function FindingsPanel({
  detail,
  focus,
}: {
  detail: CandidateDetail;
  focus: RuleStation | null;
}) {
  const units = useUnits();
  const { findings, heldBackBy, valve, key } = detail.candidate;
  // Opened and shut by hand is remembered for the candidate in hand only.
  const [turned, setTurned] = useState<{ key: string; rules: Record<string, boolean> }>({ key, rules: {} });
  const byHand = turned.key === key ? turned.rules : {};
  const [quiet, setQuiet] = useState(true);
  const asked = findings.filter((f) => f.verdict !== "not asked");
  const shown = quiet ? asked : findings;
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
      {ruleStations.map((station) => {
        const ofStation = shown.filter((f) => f.station === station);
        if (ofStation.length === 0) return null;
        return (
          <div key={station} className="mt-2.5">
            <h3
              className={`border-b border-rule text-[12px] ${focus === station ? "text-ink" : "font-normal! text-dim"}`}
            >
              {stationNames[station]}
            </h3>
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
          </div>
        );
      })}
      {asked.length < findings.length && (
        <button type="button" className="quiet mt-2" onClick={() => setQuiet(!quiet)}>
          {quiet ? `${findings.length - asked.length} not asked` : "hide what was not asked"}
        </button>
      )}
    </section>
  );
});
