import type { ShopPlan, ShopStep } from "@proven-seat/core/shop";
import { useEffect, useRef, useState } from "react";
import { Notice } from "../../parts/notice.tsx";
import { useShortcuts } from "../../parts/shortcuts.ts";
import type { SectionData } from "../../workers/views.ts";
import { LiftedPart } from "./lifted-part.tsx";
import { StepView } from "./step-view.tsx";
import { namesOf, useTicks } from "./ticks.ts";

const noneDone: readonly string[] = [];

/** A step in the overview; the current one is kept in sight. */
function StepButton({
  words,
  place,
  ticked,
  current,
  onGo,
}: {
  words: string;
  place: number;
  ticked: boolean;
  current: boolean;
  onGo: () => void;
}) {
  const here = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (current) here.current?.scrollIntoView?.({ block: "nearest" });
  }, [current]);
  return (
    <button
      type="button"
      ref={here}
      aria-current={current ? "step" : undefined}
      className={`flex min-h-11 w-full items-center gap-2 px-2 text-left ${current ? "bg-second font-semibold" : ""} ${ticked ? "text-dim" : ""}`}
      onClick={onGo}
    >
      <span className="figures w-6 shrink-0 text-right text-dim">{ticked ? "✓" : place}</span>
      <span className="truncate">{words}</span>
    </button>
  );
}

/** Where one stage goes over into another: what is turned between two pieces stands between them. */
function runsOf(steps: readonly ShopStep[]): (readonly [from: number, to: number])[] {
  const starts = steps.flatMap(({ stage }, at) => (at === 0 || steps[at - 1]!.stage !== stage ? [at] : []));
  return starts.map((from, i) => [from, starts[i + 1] ?? steps.length] as const);
}

/** All steps in their order, by stage, with what is ticked. */
function Overview({
  steps,
  names,
  done,
  current,
  onGo,
}: {
  steps: readonly ShopStep[];
  names: readonly string[];
  done: readonly string[];
  current: number;
  onGo: (at: number) => void;
}) {
  return (
    <nav aria-label="Steps" className="min-h-0 overflow-y-auto border-r border-rule p-3">
      {runsOf(steps).map(([from, to]) => (
        <section key={names[from]} className="mb-3">
          <h2 className="text-[12px] text-dim">{steps[from]!.stage}</h2>
          <ol>
            {steps.slice(from, to).map((step, i) => (
              <li key={names[from + i]}>
                <StepButton
                  words={step.piece?.name ?? step.does}
                  place={from + i + 1}
                  ticked={done.includes(names[from + i]!)}
                  current={from + i === current}
                  onGo={() => onGo(from + i)}
                />
              </li>
            ))}
          </ol>
        </section>
      ))}
    </nav>
  );
}

/** A plan, one step at a time beside all of them. */
export function PlanView({
  plan,
  name,
  section,
  print,
}: {
  plan: ShopPlan;
  name: string;
  section: SectionData;
  /** Address of the plan on paper. */
  print: string;
}) {
  const { steps, limits } = plan;
  const done = useTicks((s) => s.done[name] ?? noneDone);
  const { turn, clear } = useTicks.getState();
  const names = namesOf(steps);
  const first = names.findIndex((one) => !done.includes(one));
  const [at, setAt] = useState(Math.max(0, first));
  const step = steps[Math.min(at, steps.length - 1)];
  const here = names[Math.min(at, steps.length - 1)];
  const go = (to: number) => setAt(Math.min(Math.max(0, to), steps.length - 1));
  const finish = () => {
    if (here !== undefined && !done.includes(here)) turn(name, here);
    go(at + 1);
  };
  useShortcuts({ ArrowRight: () => go(at + 1), ArrowLeft: () => go(at - 1), d: finish });
  if (!step || here === undefined)
    return <Notice title="There is no such plan for this valve">{limits}</Notice>;
  const ticked = done.includes(here);
  const count = names.filter((one) => done.includes(one)).length;
  return (
    <div className="grid min-h-0 grid-cols-[13rem_minmax(0,1fr)] lg:grid-cols-[18rem_minmax(0,1fr)]">
      <Overview steps={steps} names={names} done={done} current={at} onGo={go} />
      <div className="grid min-h-0 grid-rows-[minmax(0,1fr)_auto]">
        <div className="grid min-h-0 grid-rows-[auto_minmax(16rem,1fr)] gap-4 overflow-y-auto p-6 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] lg:grid-rows-1">
          <StepView of={step} at={at} all={steps.length} />
          <LiftedPart data={section} of={step} />
        </div>
        <div className="flex items-center gap-3 border-t border-rule px-6 py-3">
          <button
            type="button"
            className="act min-h-11 min-w-28"
            disabled={at === 0}
            onClick={() => go(at - 1)}
          >
            ← Back
          </button>
          <button type="button" className="act min-h-11 min-w-44" onClick={finish}>
            {at === steps.length - 1 ? "Done" : "Done, next →"}
          </button>
          <button
            type="button"
            className="quiet min-h-11 px-2"
            aria-pressed={ticked}
            onClick={() => turn(name, here)}
          >
            {ticked ? "take the tick back" : "tick"}
          </button>
          <span className="ml-auto text-right text-dim">
            <span className="figures">{count}</span> of <span className="figures">{steps.length}</span> done,
            kept on this device
          </span>
          <button
            type="button"
            className="quiet min-h-11 px-2"
            disabled={count === 0}
            onClick={() => clear(name)}
          >
            begin anew
          </button>
          <a className="quiet flex min-h-11 items-center px-2" href={print} download>
            PDF
          </a>
        </div>
        {limits && <p className="border-t border-rule px-6 py-2 text-tight">{limits}</p>}
      </div>
    </div>
  );
}
