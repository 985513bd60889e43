import { figuresOf } from "@proven-seat/core/rules";
import { figure, figureText, sizeText } from "@proven-seat/core/units";
import { useUnits } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import type { TagContent } from "../../bench/content.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { heldSentence, verdictText } from "../../parts/verdict-words.ts";
import type { BenchView, CandidateDetail } from "../../workers/views.ts";

interface Props {
  view: BenchView;
  candidate: CandidateDetail["candidate"];
  content: TagContent;
}

/** The sheet as it would be issued; its notes are written here. */
export function SheetPreview({ view, candidate, content }: Props) {
  const units = useUnits();
  const { choose } = useBench.getState();
  const { choice } = content;
  const held = candidate.findings.find((f) => f.rule === candidate.heldBackBy);
  const pairs: [string, string][] = [
    ["valve", `${candidate.valve.maker} ${candidate.valve.line}: ${candidate.valve.construction}`],
    [
      "size, class",
      `${sizeText(candidate.valve.dn, units)}, ${candidate.valve.designation}, ${content.duty.endConnection ?? candidate.valve.ends}`,
    ],
    ["body", candidate.valve.bodyGrade],
    ["trim", candidate.valve.trim],
    ["seat", candidate.valve.seat],
    ["seals", candidate.valve.seals],
    [
      "drive",
      candidate.drive
        ? `${candidate.drive.maker} ${candidate.drive.family} ${candidate.drive.size} ${candidate.drive.springSet ?? ""}, ${candidate.drive.action}`
        : "bare stem",
    ],
    ["pad", `${candidate.valve.pad}${candidate.drive ? `, drive ${candidate.drive.flange}` : ""}`],
    ["weight, price", `${figure(candidate.weightKg)} kg, ${figure(candidate.price)} (indicative)`],
  ];
  return (
    <article aria-label="Sheet preview" className="mt-4 border border-rule bg-lift p-5">
      <header className="flex items-baseline justify-between border-b border-rule pb-1.5">
        <h2 className="text-[15px]">Valve specification</h2>
        <span className="text-[16px] font-semibold">{content.number}</span>
      </header>
      <p className="mt-1 text-dim">
        {[content.unit, content.service].filter(Boolean).join(" / ") || "no service stated"}
      </p>
      <dl className="mt-3 grid grid-cols-[6rem_minmax(0,1fr)_6rem_minmax(0,1fr)] gap-x-3 gap-y-1">
        {pairs.map(([label, value]) => (
          <div key={label} className="contents">
            <dt className="text-dim">{label}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <table className="mt-3 w-full text-left">
        <thead className="text-dim">
          <tr className="border-b border-rule">
            <th className="font-normal">case</th>
            <th className="text-right font-normal">upstream</th>
            <th className="text-right font-normal">downstream</th>
            <th className="text-right font-normal">temperature</th>
          </tr>
        </thead>
        <tbody>
          {content.duty.cases.map((c) => (
            <tr key={c.id}>
              <td>{c.name}</td>
              <td className="figures text-right">{figureText(c.upstreamBarG, "bar g", units)}</td>
              <td className="figures text-right">
                {c.downstreamBarG === null ? "vented" : figureText(c.downstreamBarG, "bar g", units)}
              </td>
              <td className="figures text-right">{figureText(c.temperatureC, "°C", units)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3 flex items-center gap-2">
        <BoreMark verdict={candidate.verdict} size={18} />
        <strong className={verdictText[candidate.verdict]}>{candidate.verdict}</strong>
        <span>{held ? heldSentence({ ...held, ...figuresOf(held) }, units) : ""}</span>
      </p>
      <p className="text-dim">
        {candidate.findings.length} findings annexed; {view.considered} candidates proved, {view.standing}{" "}
        stand.
      </p>
      {choice?.overrideReason && (
        <p className="mt-2 border-l-2 border-fails pl-2">Overridden: {choice?.overrideReason}</p>
      )}
      <label className="mt-3 block">
        <span className="text-dim">Notes on the sheet</span>
        <textarea
          className="field h-14 border border-rule! p-1.5!"
          maxLength={2000}
          value={choice?.notes ?? ""}
          onChange={(e) => choice && choose({ ...choice, notes: e.target.value })}
        />
      </label>
      <ul className="mt-3 list-disc pl-4 text-[12px] text-dim">
        <li>
          Never put a hand into the bore or cavity of a valve that can be turned: vent air, isolate power,
          lock and tag.
        </li>
        <li>
          Vent the cavity as well as the line, in open and closed position; assume it holds pressure and
          product.
        </li>
        <li>
          Engineering aid; reference data are indicative. The invoked code edition, certified data, local law
          and a licensed engineer's judgement prevail.
        </li>
      </ul>
    </article>
  );
}
