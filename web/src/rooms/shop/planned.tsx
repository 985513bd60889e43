import { addressOf } from "@proven-seat/contract/addresses";
import type { PlanKind, ShopPlan } from "@proven-seat/core/outcome/shop";
import { useSearchParams } from "react-router";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { Notice } from "../../parts/notice.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import { useJob } from "./job/use-job.ts";
import type { PageOf } from "./page-of.ts";
import { PlanView } from "./plan-view.tsx";
import { valveWords } from "./valve-words.ts";

/** A plan, with the job started on it: the job keeps the plan it was started with. */
function OnPlan({
  plan,
  tagId,
  view,
  path,
}: {
  plan: ShopPlan;
  tagId: string;
  view: BenchView;
  path: string;
}) {
  const { candidate, section } = view.selected!;
  const [query] = useSearchParams();
  const { system } = useUnits();
  const job = useJob({ tagId, kind: plan.kind, valve: valveWords(candidate.valve), plan }, query.get("job"));
  const print = `${addressOf("planPdf", { id: tagId, plan: path })}?units=${system}`;
  return <PlanView plan={job.held?.plan ?? plan} tagId={tagId} job={job} section={section} print={print} />;
}

/** The page of one kind of plan. */
export const planned = (kind: PlanKind, path: string): PageOf =>
  function Planned({ tagId, view }) {
    const { answer, failure } = useAnswer(view.proof, "plan", [view.selected!.candidate.key, kind]);
    if (failure) return <Notice title="The plan could not be made">{failure}</Notice>;
    // One plan is never shown under another's name.
    if (answer?.kind !== kind) return <Notice title="Preparing the plan …" />;
    return <OnPlan plan={answer} tagId={tagId} view={view} path={path} />;
  };
