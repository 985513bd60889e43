import { figuresOf } from "@proven-seat/core/judgement/rules";
import { useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { SheetDialog } from "../../parts/sheet-dialog.tsx";
import { heldSentence } from "../../parts/verdict-words.ts";
import type { CandidateDetail } from "../../workers/views.ts";

const least = 10;

/** Choosing against a finding: it needs a written reason, and the reason stays visible. */
export function OverrideDialog({
  detail,
  reason,
  onClose,
  onOverride,
}: {
  detail: CandidateDetail;
  reason: string;
  onClose: () => void;
  onOverride: (reason: string) => void;
}) {
  const [text, setText] = useState(reason);
  const units = useUnits();
  const grave = detail.candidate.findings.filter((f) => f.verdict === "fails" || f.verdict === "cannot tell");
  const short = text.trim().length < least;
  return (
    <SheetDialog
      open
      onClose={onClose}
      title="Choose against the proof"
      says="The reason is printed on the sheet with your name. People will read it after the valve has stuck, leaked or ejected its stem."
    >
      <ul className="mb-3 grid gap-1">
        {grave.map((f) => (
          <li key={f.rule} className="flex gap-2">
            <span className="mt-0.5">
              <BoreMark verdict={f.verdict} />
            </span>
            {heldSentence({ ...f, ...figuresOf(f) }, units)}
          </li>
        ))}
      </ul>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (!short) onOverride(text.trim());
        }}
      >
        <label className="block">
          <span>Reason</span>
          <textarea
            className="field h-24 border border-rule! p-2!"
            maxLength={1000}
            value={text}
            onChange={(e) => setText(e.target.value)}
            aria-describedby="override-hint"
          />
        </label>
        <p id="override-hint" className="text-[12px] text-dim">
          {short ? `At least ${least} characters.` : `${text.trim().length} of 1000 characters.`}
        </p>
        <div className="mt-3 flex gap-3">
          <button type="submit" className="act-first" disabled={short}>
            Choose with this reason
          </button>
          <button type="button" className="act" onClick={onClose}>
            Cancel
          </button>
        </div>
      </form>
    </SheetDialog>
  );
}
