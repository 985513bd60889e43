import { addressOf, type ReproofAnswer, type SheetRow } from "@proven-seat/contract";
import { figure } from "@proven-seat/core/units";
import { useState } from "react";
import { call } from "../../app/api.ts";
import { queryClient, useSheets } from "../../app/queries.ts";
import { useUnits } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { saveNow } from "../../bench/saving.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Notice } from "../../parts/notice.tsx";
import { figureText, heldSentence, verdictText } from "../../parts/verdict-words.ts";
import type { BenchView, CandidateDetail } from "../../workers/views.ts";

function Reproof({ sheet }: { sheet: SheetRow }) {
  const [answer, setAnswer] = useState<ReproofAnswer | string | null>(null);
  const again = async () => {
    setAnswer("proving …");
    try {
      setAnswer(await call<ReproofAnswer>("reproveSheet", { parameters: { id: sheet.id } }));
    } catch (error) {
      setAnswer((error as Error).message);
    }
  };
  return (
    <>
      <button type="button" className="quiet" onClick={() => void again()}>
        prove again
      </button>
      <span role="status">
        {typeof answer === "string" && answer}
        {answer !== null &&
          typeof answer === "object" &&
          (answer.same ? (
            <strong className="text-holds">same</strong>
          ) : (
            <strong className="text-fails">
              {answer.differences.length} differences:{" "}
              {answer.differences
                .slice(0, 3)
                .map((d) => d.path)
                .join(", ")}
            </strong>
          ))}
      </span>
    </>
  );
}

function Issued({ sheets, system }: { sheets: readonly SheetRow[]; system: string }) {
  return (
    <section aria-label="Issued sheets" className="mt-3">
      <h2>Issued</h2>
      {sheets.length === 0 && <p className="text-dim">Nothing has been issued for this tag.</p>}
      <ul className="mt-1">
        {sheets.map((sheet) => (
          <li key={sheet.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule/60 py-1">
            <strong>revision {sheet.revision}</strong>
            <span className={verdictText[sheet.verdict]}>{sheet.verdict}</span>
            <span className="text-dim">
              {new Date(sheet.issuedAt).toLocaleString()} by {sheet.issuedBy} · engine {sheet.engine} ·{" "}
              <span className="figures" title={sheet.digest}>
                {sheet.digest.slice(0, 12)}
              </span>
            </span>
            <span className="ml-auto flex items-baseline gap-3">
              <Reproof sheet={sheet} />
              <a
                className="underline"
                href={`${addressOf("sheetPdf", { id: sheet.id })}?units=${system}`}
                download
              >
                PDF
              </a>
              <a className="underline" href={addressOf("sheet", { id: sheet.id })} download>
                JSON
              </a>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface Props {
  view: BenchView;
  chosen: CandidateDetail | null;
  onOverride: () => void;
}

/** The sheet as it would be issued, the issue itself, and what has been issued. */
export default function SheetStation({ view, chosen, onOverride }: Props) {
  const tagId = useBench((s) => s.tagId!);
  const content = useBench((s) => s.content!);
  const { choose, setSave } = useBench.getState();
  const sheets = useSheets(tagId);

  const [working, setWorking] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const units = useUnits();
  const choice = content.choice;

  if (!choice) {
    return (
      <div className="overflow-auto px-5 py-3">
        <Notice title="No valve is chosen yet">
          Take a candidate in hand and choose it; the sheet is drawn up from its proof.
        </Notice>
        {sheets.data && sheets.data.length > 0 && <Issued sheets={sheets.data} system={units.system} />}
      </div>
    );
  }
  if (view.choiceGone || !chosen) {
    return (
      <Notice
        title="The chosen valve is no longer a candidate"
        act={
          <button type="button" className="act" onClick={() => choose(null)}>
            Take the choice back
          </button>
        }
      >
        The duty or the catalogue has changed since. Choose again.
      </Notice>
    );
  }
  const { candidate } = chosen;
  const grave = candidate.verdict === "fails" || candidate.verdict === "cannot tell";
  const issue = async () => {
    setWorking(true);
    setFailure(null);
    try {
      await saveNow();
      const { save, version } = useBench.getState();
      if (save.kind !== "saved")
        throw new Error(
          save.kind === "kept"
            ? `Not issued: ${save.why}.`
            : "Not issued: the tag is not saved yet. Look at the save state in the header.",
        );
      await call<SheetRow>("issueSheet", { parameters: { id: tagId }, body: { version } });
      await queryClient.invalidateQueries({ queryKey: ["sheets", tagId] });
      void queryClient.invalidateQueries({ queryKey: ["tags"] });
      setSave({ kind: "saved", at: new Date() });
    } catch (error) {
      setFailure((error as Error).message);
    } finally {
      setWorking(false);
    }
  };
  const held = candidate.findings.find((f) => f.rule === candidate.heldBackBy);
  const pairs: [string, string][] = [
    ["valve", `${candidate.valve.maker} ${candidate.valve.line}: ${candidate.valve.construction}`],
    [
      "size, class",
      `DN ${candidate.valve.dn}, ${candidate.valve.designation}, ${content.duty.endConnection ?? candidate.valve.ends}`,
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
    <div className="h-full overflow-auto px-5 py-3">
      <div className="flex items-center gap-3">
        <button
          type="button"
          className="act-first"
          disabled={working || (grave && !choice.overrideReason)}
          onClick={() => void issue()}
        >
          {working ? "Issuing …" : `Issue revision ${nextRevision(sheets.data?.[0]?.revision)}`}
        </button>
        {grave && !choice.overrideReason && (
          <span>
            It {candidate.verdict === "fails" ? "fails" : "cannot be judged"}:{" "}
            <button type="button" className="underline" onClick={onOverride}>
              override with a reason
            </button>{" "}
            before issuing.
          </span>
        )}
        {failure && (
          <span role="alert" className="text-fails">
            {failure}
          </span>
        )}
      </div>
      {sheets.data && <Issued sheets={sheets.data} system={units.system} />}
      {sheets.error && <p className="text-fails">{sheets.error.message}</p>}
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
          <span>{held ? heldSentence(held, units) : ""}</span>
        </p>
        <p className="text-dim">
          {candidate.findings.length} findings annexed; {view.considered} candidates proved, {view.standing}{" "}
          stand.
        </p>
        {choice.overrideReason && (
          <p className="mt-2 border-l-2 border-fails pl-2">Overridden: {choice.overrideReason}</p>
        )}
        <label className="mt-3 block">
          <span className="text-dim">Notes on the sheet</span>
          <textarea
            className="field h-14 border border-rule! p-1.5!"
            maxLength={2000}
            value={choice.notes}
            onChange={(e) => choose({ ...choice, notes: e.target.value })}
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
            Engineering aid; reference data are indicative. The invoked code edition, certified data, local
            law and a licensed engineer's judgement prevail.
          </li>
        </ul>
      </article>
    </div>
  );
}

/** What the server will most likely call it; it decides. */
function nextRevision(last: string | undefined): string {
  if (last === undefined) return "A";
  const letters = "ABCDEFGHJKLMNPQRSTUVWXYZ";
  return last.length === 1 && last !== "Z" ? letters[letters.indexOf(last) + 1]! : "";
}
