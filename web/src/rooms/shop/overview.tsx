import type { JobState, ShopStep } from "@proven-seat/core/outcome/shop";
import { stageTitles, stepState } from "@proven-seat/core/outcome/shop";
import { useEffect, useRef } from "react";

/** A step in the overview; the current one is scrolled into view. */
function StepButton({
  words,
  place,
  by,
  otherwise,
  current,
  onGo,
}: {
  words: string;
  place: number;
  /** Who ticked it; null where nobody did. */
  by: string | null;
  otherwise: boolean;
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
      title={by === null ? undefined : `done by ${by}`}
      className={`flex min-h-11 w-full items-center gap-2 px-2 text-left ${current ? "bg-second font-semibold" : ""} ${by !== null ? "text-dim" : ""}`}
      onClick={onGo}
    >
      <span className="figures w-6 shrink-0 text-right text-dim">{by === null ? place : "✓"}</span>
      <span className="truncate">{words}</span>
      {otherwise && (
        <span className="ml-auto text-tight" title="done with deviations">
          ≠
        </span>
      )}
    </button>
  );
}

/** Between two stages: a turn of the closure between two pieces belongs to neither. */
function runsOf(steps: readonly ShopStep[]): (readonly [from: number, to: number])[] {
  const starts = steps.flatMap(({ stage }, index) =>
    index === 0 || steps[index - 1]!.stage !== stage ? [index] : [],
  );
  return starts.map((from, i) => [from, starts[i + 1] ?? steps.length] as const);
}

/** All steps in order, by stage, with ticks and names. */
export function Overview({
  steps,
  names,
  state,
  current,
  onGo,
}: {
  steps: readonly ShopStep[];
  names: readonly string[];
  state: JobState;
  current: number;
  onGo: (index: number) => void;
}) {
  return (
    <nav aria-label="Steps" className="min-h-0 overflow-y-auto border-r border-rule p-3">
      {runsOf(steps).map(([from, to]) => (
        <section key={names[from]} className="mb-3">
          <h2 className="text-[12px] text-dim">{stageTitles[steps[from]!.stage]}</h2>
          <ol>
            {steps.slice(from, to).map((step, i) => {
              const { ticked, remarks } = stepState(state, names[from + i]!);
              return (
                <li key={names[from + i]}>
                  <StepButton
                    words={step.piece?.name ?? step.does}
                    place={from + i + 1}
                    by={ticked?.who ?? null}
                    otherwise={remarks.some(({ kind }) => kind === "deviation")}
                    current={from + i === current}
                    onGo={() => onGo(from + i)}
                  />
                </li>
              );
            })}
          </ol>
        </section>
      ))}
    </nav>
  );
}
