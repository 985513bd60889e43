import { figure } from "@proven-seat/core/units";
import { useEffect, useState } from "react";
import { useReading } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { heldSentence } from "../../parts/verdict-words.ts";
import type { ProverHandle } from "../../workers/prover.ts";
import type { BenchView, CandidateRow } from "../../workers/views.ts";

const grid =
  "grid grid-cols-[20px_6rem_minmax(8rem,1fr)_minmax(8rem,1.3fr)_4.6rem_minmax(9rem,1.6fr)] items-center gap-x-2 px-1";

/** Body, trim and seal variants of the valve in hand: same line, class and seat. */
export function Variants({ view, prover }: { view: BenchView; prover: ProverHandle | null }) {
  const { key, valve } = view.inHand!.candidate;
  const group =
    view.rows.find((r) => r.key === key)?.group ??
    view.rows.find(
      (r) =>
        r.valve.line === valve.line &&
        r.valve.designation === valve.designation &&
        r.valve.seat === valve.seat,
    )?.group;
  const [variants, setVariants] = useState<CandidateRow[]>([]);
  const { system, absolute } = useReading();
  const { take } = useBench.getState();
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new proof brings new variants
  useEffect(() => {
    let current = true;
    if (group) void prover?.api.variants(group).then((found) => current && setVariants(found));
    return () => {
      current = false;
    };
  }, [prover, group, view]);
  return (
    <section aria-label="Variants" className="flex h-[50%] min-h-0 shrink-0 flex-col px-4 pt-3">
      <div className="mb-1 flex items-baseline justify-between">
        <h2>Body, trim and seals</h2>
        <span className="text-dim">
          {valve.maker} {valve.line}, {valve.seat}, {valve.designation}
        </span>
      </div>
      <dl className="mb-3 flex flex-wrap gap-x-6 gap-y-0.5">
        {[
          ["construction", valve.construction],
          ["entry", valve.entry],
          ["cavity", valve.cavity],
          ["ends", valve.ends],
          ["port", `${valve.port}, ${figure(valve.boreMm)} mm`],
          [
            "face to face",
            valve.faceToFaceMm === null ? "maker's standard" : `${figure(valve.faceToFaceMm)} mm`,
          ],
          ["weight", `${figure(valve.weightKg)} kg`],
          ["pad", valve.pad],
        ].map(([label, value]) => (
          <div key={label} className="flex gap-1.5">
            <dt className="text-dim">{label}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <div role="grid" aria-label="Variants" className="flex min-h-0 flex-1 flex-col">
        <div role="row" className={`${grid} border-b border-rule pb-1 text-[12px] text-dim`}>
          <span role="columnheader">
            <span className="sr-only">verdict</span>
          </span>
          <span role="columnheader">body</span>
          <span role="columnheader">trim</span>
          <span role="columnheader">seals</span>
          <span role="columnheader" className="text-right">
            price
          </span>
          <span role="columnheader">held back by</span>
        </div>
        <div role="rowgroup" tabIndex={0} aria-label="Variant rows" className="min-h-0 flex-1 overflow-auto">
          {variants.map((v) => (
            <div
              role="row"
              key={v.key}
              tabIndex={v.key === key ? 0 : -1}
              aria-selected={v.key === key}
              className={`${grid} cursor-pointer border-b border-rule/60 py-[3px] ${v.key === key ? "bg-second font-semibold" : "hover:bg-second/60"} ${v.verdict === "fails" ? "text-dim" : ""}`}
              onClick={() => take(v.key)}
              onKeyDown={(e) => {
                if (e.key === "Enter" || e.key === " ") {
                  e.preventDefault();
                  take(v.key);
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
                <BoreMark verdict={v.verdict} />
              </span>
              <span role="gridcell" className="truncate">
                {v.valve.bodyGrade}
              </span>
              <span role="gridcell" className="truncate" title={v.valve.trim}>
                {v.valve.trim}
              </span>
              <span role="gridcell" className="truncate" title={v.valve.seals}>
                {v.valve.seals}
              </span>
              <span role="gridcell" className="figures text-right">
                {figure(v.price)}
              </span>
              <span
                role="gridcell"
                className="truncate font-normal"
                title={v.heldBy ? heldSentence(v.heldBy, { system, absolute }) : ""}
              >
                {v.heldBy?.asks ?? ""}
              </span>
            </div>
          ))}
        </div>
      </div>
    </section>
  );
}
