import type { Remark, Said } from "@proven-seat/core/outcome/shop";
import { useState } from "react";
import { hour } from "../../../parts/dates.ts";

/** Remarks at a step, and a field for a new one. */
export function Remarks({
  step,
  remarks,
  closed,
  onSay,
}: {
  step: string | null;
  remarks: readonly Remark[];
  closed: boolean;
  onSay: (said: Said) => boolean;
}) {
  const [text, setText] = useState("");
  const write = (kind: Remark["kind"]) => {
    if (text.trim() !== "" && onSay({ kind, step, text: text.trim() })) setText("");
  };
  return (
    <section aria-label="Remarks" className="grid gap-2 text-[16px]">
      {remarks.map(({ kind, text: says, who, at }) => (
        <p
          key={`${at} ${who} ${says}`}
          className={kind === "deviation" ? "border-l-4 border-tight pl-3" : ""}
        >
          {kind === "deviation" && <strong>Deviation from the plan. </strong>}
          {says}{" "}
          <span className="text-[14px] text-dim">
            {who}, {hour(at)}
          </span>
        </p>
      ))}
      {!closed && (
        <div className="flex flex-wrap items-center gap-2">
          <input
            className="field min-h-11 border border-rule px-2 min-w-52 flex-1"
            aria-label="Remark"
            placeholder="what you saw, or what you did differently"
            maxLength={2000}
            value={text}
            onChange={(e) => setText(e.target.value)}
            onKeyDown={(e) => e.key === "Enter" && write("note")}
          />
          <button type="button" className="act min-h-11" onClick={() => write("note")}>
            Add note
          </button>
          <button type="button" className="quiet min-h-11 px-2" onClick={() => write("deviation")}>
            deviations
          </button>
        </div>
      )}
    </section>
  );
}
