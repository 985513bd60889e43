import { useNavigate } from "react-router";
import { useAddress } from "../../app/project.ts";
import { useBench } from "../../bench/bench-store.ts";
import { KeyHint } from "../../parts/key-hint.tsx";
import type { CandidateDetail } from "../../workers/views.ts";
import type { Choosing } from "./choosing.ts";

interface Props {
  detail: CandidateDetail;
  tagId: string;
  choosing: Pick<Choosing, "isChosen" | "choose" | "override">;
}

/** Actions on the selected candidate: choose it, override with a reason, add it to the comparison. */
export function ChoiceBar({ detail, tagId, choosing }: Props) {
  const { isChosen, choose: onChoose, override: onOverride } = choosing;
  const navigate = useNavigate();
  const address = useAddress();
  const choice = useBench((s) => s.content!.choice);
  const compared = useBench((s) => s.compared.includes(detail.candidate.key));
  const { choose, compare, dropCompared } = useBench.getState();
  const { key, verdict } = detail.candidate;
  const grave = verdict === "fails" || verdict === "cannot tell";
  const compareAct = (
    <button
      type="button"
      className="quiet"
      aria-pressed={compared}
      onClick={() => (compared ? dropCompared(key) : compare(key))}
    >
      {compared ? "compared" : "compare"}
      <KeyHint shortcut="k" />
    </button>
  );
  return (
    <div className="border-t border-rule px-4 py-2.5">
      {detail.byConstruction ? (
        <p className="flex flex-wrap items-center gap-3">
          <span className="border border-dashed border-ink px-1 text-[12px]">by construction</span>
          <span className="text-[12px] text-dim">
            Not offered by any maker. Send an enquiry, then import the offer as a catalogue line.
          </span>
          {compareAct}
        </p>
      ) : isChosen ? (
        <p className="flex flex-wrap items-center gap-3">
          <strong>Chosen</strong>
          <button
            type="button"
            className="act"
            onClick={() => void navigate(address(`/tags/${tagId}/sheet`))}
          >
            Go to the sheet
          </button>
          <button type="button" className="quiet" onClick={() => choose(null)}>
            undo selection
          </button>
          {compareAct}
        </p>
      ) : (
        <p className="flex items-center gap-3">
          <button type="button" className="act-first" onClick={onChoose}>
            {grave ? "Choose against the proof" : "Choose this valve"}
            <KeyHint shortcut="c" />
          </button>
          <button type="button" className="quiet" onClick={onOverride}>
            override
            <KeyHint shortcut="v" />
          </button>
          {compareAct}
        </p>
      )}
      {isChosen && choice?.overrideReason && (
        <p className="mt-1 border-l-2 border-fails pl-2 text-[12px]">Overridden: {choice.overrideReason}</p>
      )}
      {isChosen && grave && !choice?.overrideReason && (
        <p className="mt-1 border-l-2 border-fails pl-2 text-[12px]">
          The duty has changed and the chosen valve fails.{" "}
          <button type="button" className="underline" onClick={onOverride}>
            Override with a reason
          </button>
          , or choose another.
        </p>
      )}
    </div>
  );
}
