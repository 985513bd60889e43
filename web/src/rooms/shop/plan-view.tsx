import { type Said, type ShopPlan, stepNames, stepState } from "@proven-seat/core/outcome/shop";
import { useState } from "react";
import { Notice } from "../../parts/notice.tsx";
import { useShortcuts } from "../../parts/shortcuts.ts";
import type { SectionData } from "../../workers/views.ts";
import { Standing } from "./job/standing.tsx";
import type { OpenJob } from "./job/use-job.ts";
import { useAskWho } from "./job/who.tsx";
import { LiftedPart } from "./lifted-part.tsx";
import { Overview } from "./overview.tsx";
import { StepView } from "./step-view.tsx";

/** A plan with its job, one step at a time beside all of them. */
export function PlanView({
  plan,
  tagId,
  job,
  section,
  print,
}: {
  plan: ShopPlan;
  tagId: string;
  job: OpenJob;
  section: SectionData;
  /** Address of the plan on paper. */
  print: string;
}) {
  const { steps, limits } = plan;
  const { state } = job;
  const names = stepNames(steps);
  const isDone = (name: string) => stepState(state, name).ticked !== null;
  const [picked, setAt] = useState<number | null>(null);
  const first = names.findIndex((name) => !isDone(name));
  const index = Math.min(picked ?? Math.max(0, first), steps.length - 1);
  const step = steps[index];
  const here = names[index];
  const go = (to: number) => setAt(Math.min(Math.max(0, to), steps.length - 1));
  const closed = state.finished !== null;
  const askWho = useAskWho();
  const say = (said: Said): boolean => {
    const kept = job.say(said);
    if (!kept) askWho();
    return kept;
  };
  const finish = () => {
    if (here === undefined || closed) return;
    if (!isDone(here) && !say({ kind: "tick", step: here, done: true })) return;
    go(index + 1);
  };
  useShortcuts({ ArrowRight: () => go(index + 1), ArrowLeft: () => go(index - 1), d: finish });
  if (!step || here === undefined) return <Notice title="No such plan for this valve">{limits}</Notice>;
  const ticked = isDone(here);
  const count = names.filter(isDone).length;
  return (
    <div className="grid min-h-0 grid-cols-[13rem_minmax(0,1fr)] lg:grid-cols-[18rem_minmax(0,1fr)]">
      <Overview steps={steps} names={names} state={state} current={index} onGo={go} />
      <div className="grid min-h-0 grid-rows-[minmax(0,1fr)_auto_auto]">
        <div className="grid min-h-0 grid-rows-[auto_minmax(16rem,1fr)] gap-4 overflow-y-auto p-6 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] lg:grid-rows-1">
          <StepView
            key={here}
            step={step}
            name={here}
            index={index}
            count={steps.length}
            state={stepState(state, here)}
            tagId={tagId}
            job={job.held ? job.id : null}
            closed={closed}
            onSay={say}
          />
          <LiftedPart data={section} step={step} />
        </div>
        <div className="flex flex-wrap items-center gap-3 border-t border-rule px-6 py-3">
          <button
            type="button"
            className="act min-h-11 min-w-28"
            disabled={index === 0}
            onClick={() => go(index - 1)}
          >
            ← Back
          </button>
          <button type="button" className="act min-h-11 min-w-44" disabled={closed} onClick={finish}>
            {index === steps.length - 1 ? "Done" : "Done, next →"}
          </button>
          <button
            type="button"
            className="quiet min-h-11 px-2"
            aria-pressed={ticked}
            disabled={closed}
            onClick={() => say({ kind: "tick", step: here, done: !ticked })}
          >
            {ticked ? "untick" : "tick"}
          </button>
          <span className="ml-auto text-right text-dim">
            <span className="figures">{count}</span> of <span className="figures">{steps.length}</span> done
          </span>
          {closed ? (
            <button type="button" className="quiet min-h-11 px-2" onClick={job.leave}>
              start another
            </button>
          ) : (
            <button
              type="button"
              className={count === steps.length ? "act min-h-11" : "quiet min-h-11 px-2"}
              disabled={job.held === null}
              onClick={() => say({ kind: "finished" })}
            >
              Finish the job
            </button>
          )}
        </div>
        <div className="border-t border-rule px-6">
          <Standing job={job} plan={print} />
          {limits && <p className="text-tight">{limits}</p>}
        </div>
      </div>
    </div>
  );
}
