import { useEffect, useRef, useState } from "react";
import { ApiProblem, call } from "../../app/api.ts";
import { useCatalogue, useHouseRules } from "../../app/pinned.ts";
import { queryClient, useSheets } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { useUnits } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { saveNow } from "../../bench/saving.ts";
import { Notice } from "../../parts/notice.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import { Issued } from "./issued.tsx";
import { SheetPreview } from "./sheet-preview.tsx";

interface Props {
  view: BenchView;
  onOverride: () => void;
}

/** The sheet as it would be issued, the issue itself, and the issued sheets. */
export default function SheetStation({ view, onOverride }: Props) {
  const tagId = useBench((s) => s.tagId!);
  const content = useBench((s) => s.content!);
  const { choose, setSave } = useBench.getState();
  const sheets = useSheets(tagId);
  const catalogueRevision = useCatalogue().data?.revision;
  const houseRuleVersion = useHouseRules().data?.version;

  const [working, setWorking] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  // Kept while the answer is unknown: a repeated request returns the same sheet and no second one.
  const askedWith = useRef<string | null>(null);
  const units = useUnits();
  const choice = content.choice;
  // The sheet is about the chosen valve, whatever was selected before.
  const chosenKey = view.chosen?.key ?? null;
  useEffect(() => {
    if (chosenKey !== null) useBench.getState().take(chosenKey);
  }, [chosenKey]);

  if (!choice) {
    return (
      <div className="overflow-auto px-5 py-3">
        <Notice title="No valve chosen yet">
          Select a candidate and choose it. The sheet is made from its proof.
        </Notice>
        {sheets.data && sheets.data.length > 0 && <Issued sheets={sheets.data} system={units.system} />}
      </div>
    );
  }
  if (view.choiceGone) {
    return (
      <Notice
        title="The chosen valve is no longer a candidate"
        act={
          <button type="button" className="act" onClick={() => choose(null)}>
            Undo the choice
          </button>
        }
      >
        The duty or the catalogue has changed since. Choose again.
      </Notice>
    );
  }
  if (!view.selected || view.selected.candidate.key !== chosenKey)
    return <Notice title="Opening the sheet …" />;
  const { candidate } = view.selected;
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
            : "Not issued: the tag is not saved yet. See the save state in the header.",
        );
      askedWith.current ??= crypto.randomUUID();
      await call("issueSheet", {
        parameters: { id: tagId },
        body: { version, catalogueRevision, houseRuleVersion, askedWith: askedWith.current },
      });
      askedWith.current = null;
      await queryClient.invalidateQueries({ queryKey: queryKeys.sheets(tagId) });
      void queryClient.invalidateQueries({ queryKey: queryKeys.tags() });
      setSave({ kind: "saved", at: new Date() });
    } catch (error) {
      setFailure((error as Error).message);
      if (error instanceof ApiProblem) askedWith.current = null;
      // The bench proves again on the project's present basis, so that there is a result to check.
      if (error instanceof ApiProblem && error.problem.status === 409)
        void queryClient.invalidateQueries({ queryKey: queryKeys.projects() });
    } finally {
      setWorking(false);
    }
  };
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
            It {candidate.verdict === "fails" ? "fails" : "cannot be examined"}:{" "}
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
      <SheetPreview
        view={view}
        candidateKey={candidate.key}
        content={content}
        revision={nextRevision(sheets.data?.[0]?.revision)}
      />
    </div>
  );
}

/** The expected letter of the revision; the server decides. */
function nextRevision(last: string | undefined): string {
  if (last === undefined) return "A";
  const letters = "ABCDEFGHJKLMNPQRSTUVWXYZ";
  return last.length === 1 && last !== "Z" ? letters[letters.indexOf(last) + 1]! : "";
}
