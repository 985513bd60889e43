import type { DriftedSheet } from "@proven-seat/contract";
import { type FindingDescription, figuresOf } from "@proven-seat/core/judgement/rules";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { call } from "../../app/api.ts";
import { useAddress } from "../../app/project.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { useUnits } from "../../app/reading.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { day } from "../../parts/dates.ts";
import { heldSentence, type ReadingUnits } from "../../parts/verdict-words.ts";
import type { Looked } from "./use-drift.ts";

function FindingText({ finding, units }: { finding: FindingDescription | null; units: ReadingUnits }) {
  if (finding === null) return <span className="text-dim">did not examine</span>;
  const { rule, asks, verdict, says } = finding;
  const sentence = heldSentence({ rule, asks, verdict, says, ...figuresOf(finding) }, units);
  return (
    <span className="grid grid-cols-[18px_minmax(0,1fr)] gap-x-1">
      <span className="pt-0.5">
        <BoreMark verdict={verdict} />
      </span>
      <span>{sentence.slice(asks.length + 2)}</span>
    </span>
  );
}

/** Text of a user who acknowledges the change. */
function Acknowledge({ sheet, looked }: { sheet: DriftedSheet; looked: Looked }) {
  const [reason, setReason] = useState("");
  const [failure, setFailure] = useState<string | null>(null);
  const { acknowledged } = sheet;
  if (acknowledged)
    return (
      <p className="my-3 border-l-2 border-rule pl-2">
        Acknowledged by {acknowledged.by}, {day(acknowledged.at)}: {acknowledged.reason}
      </p>
    );
  const send = async () => {
    try {
      await call("acknowledgeDrift", {
        parameters: { id: sheet.id },
        body: { ...looked, reason: reason.trim() },
      });
      setFailure(null);
    } catch (error) {
      setFailure((error as Error).message);
    }
    await queryClient.invalidateQueries({ queryKey: queryKeys.drift() });
  };
  return (
    <form
      aria-label="Acknowledge"
      className="my-3 flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (reason.trim() !== "") void send();
      }}
    >
      <label className="grid min-w-64 flex-1 gap-0.5">
        <span className="text-dim">Reason for accepting the change</span>
        <input
          className="field border-b-rule!"
          maxLength={1000}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </label>
      <button type="submit" className="act" disabled={reason.trim() === ""}>
        Acknowledge
      </button>
      {failure && (
        <span role="alert" className="w-full text-fails">
          {failure}
        </span>
      )}
    </form>
  );
}

/** An issued sheet beside its present result. */
export function SheetBeside({ sheet, looked }: { sheet: DriftedSheet; looked: Looked }) {
  const address = useAddress();
  const units = useUnits();
  const query = {
    catalogueRevision: String(looked.catalogueRevision),
    houseRuleVersion: String(looked.houseRuleVersion),
  };
  const beside = useQuery({
    queryKey: queryKeys.sheetDrift(sheet.id, query),
    queryFn: ({ signal }) => call("sheetDrift", { parameters: { id: sheet.id }, query, signal }),
  });
  const drift = beside.data;
  return (
    <>
      <h2>
        {sheet.number}, sheet {sheet.revision}
      </h2>
      <p className="text-dim">
        {sheet.because ?? `As issued: ${sheet.was}. Proved with these: ${sheet.now}.`}{" "}
        <Link className="underline" to={address(`/tags/${sheet.tag}/sheet`)}>
          Open the tag to draft a new revision
        </Link>
      </p>
      <Acknowledge key={sheet.id} sheet={sheet} looked={looked} />
      {beside.error && <p className="text-fails">{beside.error.message}</p>}
      {drift && drift.findings.length > 0 && (
        <table className="w-full table-fixed text-left">
          <thead className="text-dim">
            <tr className="border-b border-rule">
              <th className="w-1/4 py-1 pr-3 font-normal">finding</th>
              <th className="py-1 pr-3 font-normal">as issued, engine {drift.was.engine}</th>
              <th className="py-1 font-normal">with these, engine {drift.now?.engine}</th>
            </tr>
          </thead>
          <tbody>
            {drift.findings.map(({ rule, asks, was, now }) => (
              <tr key={rule} className="border-b border-rule/60 align-top">
                <td className="py-1 pr-3">{asks}</td>
                <td className="py-1 pr-3">
                  <FindingText finding={was} units={units} />
                </td>
                <td className="py-1">
                  <FindingText finding={now} units={units} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
