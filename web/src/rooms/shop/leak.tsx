import { useAnswer } from "../../bench/answers.ts";
import { Notice } from "../../parts/notice.tsx";
import type { BenchView } from "../../workers/views.ts";
import { LeakPlaces, LeakView } from "./leak-view.tsx";
import { type Traced, useTraces } from "./traces.ts";

function Tracing({ tagId, traced, view }: { tagId: string; traced: Traced; view: BenchView }) {
  const { see, measure, undo, drop } = useTraces.getState();
  const { answer, failure } = useAnswer(view.proof, "leak", [
    view.inHand!.candidate.key,
    traced.place,
    traced.seen,
  ]);
  if (failure)
    return (
      <Notice
        title="The leak could not be traced"
        act={
          <button type="button" className="act" onClick={() => drop(tagId)}>
            Begin anew
          </button>
        }
      >
        {failure}
      </Notice>
    );
  if (!answer) return <Notice title="Looking …" />;
  return (
    <LeakView
      of={answer}
      rate={traced.rate ?? null}
      onRate={(rate) => measure(tagId, rate)}
      onAnswer={(check, said) => see(tagId, { check, answer: said })}
      onUndo={() => undo(tagId)}
      onDrop={() => drop(tagId)}
    />
  );
}

/** A leak of a tag's valve: where it shows, then check by check. */
export function Leak({ tagId, view }: { tagId: string; view: BenchView }) {
  const traced = useTraces((s) => s.traced[tagId]);
  return traced ? (
    <Tracing tagId={tagId} traced={traced} view={view} />
  ) : (
    <LeakPlaces onPick={(place) => useTraces.getState().begin(tagId, place)} />
  );
}
