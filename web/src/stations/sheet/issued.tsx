import type { ReproofAnswer, SheetRow } from "@proven-seat/contract";
import { addressOf } from "@proven-seat/contract/addresses";
import { useState } from "react";
import { call } from "../../app/api.ts";
import { day, hour } from "../../parts/dates.ts";
import { verdictText } from "../../parts/verdict-words.ts";

function Reproof({ sheet }: { sheet: SheetRow }) {
  const [answer, setAnswer] = useState<ReproofAnswer | string | null>(null);
  const again = async () => {
    setAnswer("proving …");
    try {
      setAnswer(await call("reproveSheet", { parameters: { id: sheet.id } }));
    } catch (error) {
      setAnswer((error as Error).message);
    }
  };
  return (
    <>
      <button type="button" className="quiet whitespace-nowrap" onClick={() => void again()}>
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
              {answer.differences.length} {answer.differences.length === 1 ? "difference" : "differences"}:{" "}
              {answer.differences
                .slice(0, 3)
                .map((d) => d.path)
                .join(", ")}
            </strong>
          ))}
      </span>
      {answer !== null &&
        typeof answer === "object" &&
        answer.because.map((reason) => (
          <span key={reason} className="order-last w-full text-right text-dim">
            {reason}
          </span>
        ))}
    </>
  );
}

/** Issued sheets of a tag, each of which can be proved again or downloaded. */
export function Issued({ sheets, system }: { sheets: readonly SheetRow[]; system: string }) {
  return (
    <section aria-label="Issued sheets" className="mt-3">
      <h2>Issued</h2>
      {sheets.length === 0 && <p className="text-dim">No sheet issued for this tag.</p>}
      <ul className="mt-1">
        {sheets.map((sheet) => (
          <li key={sheet.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule/60 py-1">
            <strong>revision {sheet.revision}</strong>
            <span className={verdictText[sheet.verdict]}>{sheet.verdict}</span>
            <span className="text-dim">
              {day(sheet.issuedAt)} {hour(sheet.issuedAt)} by {sheet.issuedBy} · engine {sheet.engine} ·{" "}
              <span className="figures" title={sheet.digest}>
                {sheet.digest.slice(0, 12)}
              </span>
            </span>
            <span className="ml-auto flex flex-wrap items-baseline justify-end gap-x-3">
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
