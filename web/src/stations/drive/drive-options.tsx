import { figure } from "@proven-seat/core/units";
import { useEffect, useState } from "react";
import { useReading } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { heldSentence, marginWords } from "../../parts/verdict-words.ts";
import type { ProverHandle } from "../../workers/prover.ts";
import type { BenchView, CandidateRow } from "../../workers/views.ts";

const grid =
  "grid grid-cols-[20px_minmax(5rem,1fr)_minmax(6rem,1.1fr)_2.6rem_3.2rem_3.8rem_3.8rem_minmax(7rem,1.4fr)] items-center gap-x-2 px-1";
const mostShown = 40;

/** Every drive the duty allows on the valve in hand, best first. */
export function DriveOptions({ view, prover }: { view: BenchView; prover: ProverHandle | null }) {
  const inHand = view.inHand!.candidate.key;
  const [options, setOptions] = useState<CandidateRow[] | null>(null);
  const { system, absolute } = useReading();
  const { take } = useBench.getState();
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new proof brings new drives
  useEffect(() => {
    let current = true;
    void prover?.api.drives(inHand).then((found) => current && setOptions(found));
    return () => {
      current = false;
    };
  }, [prover, inHand, view]);
  if (options === null) return <p className="p-4 text-dim">Looking through the drives …</p>;
  return (
    <section aria-label="Drives for this valve" className="flex min-h-0 flex-1 flex-col px-4 pt-2">
      <div className="mb-1 flex items-baseline justify-between">
        <h2>Drives for this valve</h2>
        <span className="text-dim">
          {options.filter((o) => o.verdict !== "fails").length} of {options.length} do it
        </span>
      </div>
      <div role="grid" aria-label="Drives" className="flex min-h-0 flex-1 flex-col">
        <div role="row" className={`${grid} border-b border-rule pb-1 text-[12px] text-dim`}>
          <span role="columnheader">
            <span className="sr-only">verdict</span>
          </span>
          <span role="columnheader">drive</span>
          <span role="columnheader">action</span>
          <span role="columnheader">flange</span>
          <span role="columnheader" className="text-right">
            kg
          </span>
          <span role="columnheader" className="text-right">
            price
          </span>
          <span role="columnheader" className="text-right">
            margin
          </span>
          <span role="columnheader">held back by</span>
        </div>
        <div role="rowgroup" tabIndex={0} aria-label="Drive rows" className="min-h-0 flex-1 overflow-auto">
          {options.slice(0, mostShown).map((o) => (
            <div
              role="row"
              key={o.key}
              tabIndex={o.key === inHand ? 0 : -1}
              aria-selected={o.key === inHand}
              className={`${grid} cursor-pointer border-b border-rule/60 py-[3px] ${o.key === inHand ? "bg-second font-semibold" : "hover:bg-second/60"} ${o.verdict === "fails" ? "text-dim" : ""}`}
              onClick={() => take(o.key)}
              onKeyDown={(e) => {
                if (e.key === "Enter" || e.key === " ") {
                  e.preventDefault();
                  take(o.key);
                }
                const next =
                  e.key === "ArrowDown"
                    ? e.currentTarget.nextElementSibling
                    : e.key === "ArrowUp"
                      ? e.currentTarget.previousElementSibling
                      : null;
                if (next instanceof HTMLElement) {
                  e.preventDefault();
                  next.focus();
                }
              }}
            >
              <span role="gridcell" className="flex">
                <BoreMark verdict={o.verdict} />
              </span>
              <span role="gridcell" className="truncate">
                {o.drive ? `${o.drive.size} ${o.drive.springSet ?? ""}` : "bare stem"}
              </span>
              <span role="gridcell" className="truncate">
                {o.drive?.action ?? "–"}
              </span>
              <span role="gridcell" className="figures">
                {o.drive?.flange ?? "–"}
              </span>
              <span role="gridcell" className="figures text-right">
                {o.drive ? figure(o.drive.weightKg) : "–"}
              </span>
              <span role="gridcell" className="figures text-right">
                {o.drive ? figure(o.drive.price) : "–"}
              </span>
              <span role="gridcell" className="figures text-right">
                {o.heldBy ? marginWords(o.heldBy.margin, o.heldBy.marginUnit, { system, absolute }) : ""}
              </span>
              <span
                role="gridcell"
                className="truncate font-normal"
                title={o.heldBy ? heldSentence(o.heldBy, { system, absolute }) : ""}
              >
                {o.heldBy?.asks ?? ""}
              </span>
            </div>
          ))}
        </div>
      </div>
    </section>
  );
}
