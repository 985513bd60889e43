import type { Said } from "@proven-seat/core/outcome/shop";
import { useSearchParams } from "react-router";
import { useAnswer } from "../../bench/answers.ts";
import { Notice } from "../../parts/notice.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import { Standing } from "./job/standing.tsx";
import { type OpenJob, useJob } from "./job/use-job.ts";
import { useAskWho } from "./job/who.tsx";
import { LeakPlaces, LeakView } from "./leak-view.tsx";
import { valveWords } from "./valve-words.ts";

function Tracing({ job, view }: { job: OpenJob; view: BenchView }) {
  const { place, seen, leakRate, finished } = job.state;
  const askWho = useAskWho();
  const { answer, failure } = useAnswer(view.proof, "leak", [view.selected!.candidate.key, place!, seen]);
  if (failure)
    return (
      <Notice
        title="The leak could not be traced"
        act={
          <button type="button" className="act" onClick={job.leave}>
            Start again
          </button>
        }
      >
        {failure}
      </Notice>
    );
  if (!answer) return <Notice title="Looking …" />;
  const say = (said: Said) => {
    if (!job.say(said)) askWho();
  };
  return (
    <LeakView
      picture={answer}
      section={view.selected!.section}
      rate={leakRate}
      closed={finished !== null}
      onRate={(rate) => say({ kind: "leak rate", ...rate })}
      onAnswer={(check, said) => say({ kind: "seen", check, answer: said })}
      onUndo={() => say({ kind: "taken back" })}
      onFinish={() => say({ kind: "finished" })}
      onDrop={job.leave}
    />
  );
}

/** A leak of a tag's valve: its place, then check by check; stored with the tag as a job of its own. */
export function Leak({ tagId, view }: { tagId: string; view: BenchView }) {
  const [query] = useSearchParams();
  const askWho = useAskWho();
  const valve = valveWords(view.selected!.candidate.valve);
  const job = useJob({ tagId, kind: "find a leak", valve, plan: null }, query.get("job"));
  return (
    <div className="grid min-h-0 grid-rows-[minmax(0,1fr)_auto]">
      {job.state.place === null ? (
        <LeakPlaces
          section={view.selected!.section}
          onPick={(place) => job.say({ kind: "place", place }) || askWho()}
        />
      ) : (
        <Tracing job={job} view={view} />
      )}
      <div className="border-t border-rule px-6">
        <Standing job={job} />
      </div>
    </div>
  );
}
