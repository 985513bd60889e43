import { addressOf } from "@proven-seat/contract";
import type { PlanKind } from "@proven-seat/core/shop";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { Notice } from "../../parts/notice.tsx";
import type { PageOf } from "./pages.ts";
import { PlanView } from "./plan-view.tsx";

/** The page of one kind of plan. */
export const planned = (kind: PlanKind, path: string): PageOf =>
  function Planned({ tagId, view }) {
    const { candidate, section } = view.inHand!;
    const { answer, failure } = useAnswer(view.proof, "plan", [candidate.key, kind]);
    const { system } = useUnits();
    const print = (tag: string) => `${addressOf("planPdf", { id: tag, plan: path })}?units=${system}`;
    if (failure) return <Notice title="The plan could not be made">{failure}</Notice>;
    // One plan is never shown under another's name.
    if (answer?.kind !== kind) return <Notice title="Making the plan …" />;
    return <PlanView plan={answer} name={`${tagId} ${kind}`} section={section} print={print(tagId)} />;
  };
