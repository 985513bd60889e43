import { useProject } from "../../app/project.ts";

import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { useBench } from "../../bench/bench-store.ts";
import type { TagContent } from "../../bench/content.ts";
import { DocumentView } from "../../documents/document-view.tsx";
import { Coming } from "../../parts/coming.tsx";
import type { BenchView } from "../../workers/bench-view.ts";

interface Props {
  view: BenchView;
  candidateKey: string;
  content: TagContent;
  revision: string;
}

/** The sheet as it would be issued, in the same words; its notes are written here. */
export function SheetPreview({ view, candidateKey, content, revision }: Props) {
  const units = useUnits();
  const project = useProject();
  const { choose } = useBench.getState();
  const { choice, number, service, unit } = content;
  const { answer, failure } = useAnswer(view.proof, "sheet", [
    {
      key: candidateKey,
      revision,
      project: project?.name ?? "",
      standards: project?.standards ?? "",
      tag: { number, service, unit },
      notes: choice?.notes ?? "",
      overrideReason: choice?.overrideReason ?? null,
    },
    units,
  ]);
  return (
    <>
      <label className="mt-3 block">
        <span className="text-dim">Notes on the sheet</span>
        <textarea
          className="field h-14 border border-rule! p-1.5!"
          maxLength={2000}
          value={choice?.notes ?? ""}
          onChange={(e) => choice && choose({ ...choice, notes: e.target.value })}
        />
      </label>
      {answer ? (
        <DocumentView printed={answer} name="Sheet preview" />
      ) : (
        <Coming failure={failure}>Preparing the sheet …</Coming>
      )}
    </>
  );
}
