import { figure } from "@proven-seat/core/units";
import { memo, useEffect, useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { type OptionColumn, OptionGrid } from "../../parts/option-grid.tsx";
import { heldSentence } from "../../parts/verdict-words.ts";
import type { ProverHandle } from "../../workers/prover.ts";
import type { BenchView, CandidateRow } from "../../workers/views.ts";

/** The row the valve in hand stands behind: the same line, class and seat. */
function groupOf(view: BenchView): string | undefined {
  const { key, valve } = view.inHand!.candidate;
  const same = (row: CandidateRow) =>
    row.valve.line === valve.line &&
    row.valve.designation === valve.designation &&
    row.valve.seat === valve.seat;
  return (view.rows.find((row) => row.key === key) ?? view.rows.find(same))?.group;
}

/** Body, trim and seal variants of the valve in hand. */
export const Variants = memo(function Variants({
  view,
  prover,
}: {
  view: BenchView;
  prover: ProverHandle | null;
}) {
  const { key, valve } = view.inHand!.candidate;
  const group = groupOf(view);
  const [variants, setVariants] = useState<CandidateRow[]>([]);
  const units = useUnits();
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new proof brings new variants
  useEffect(() => {
    let current = true;
    if (group) void prover?.api.variants(group).then((found) => current && setVariants(found));
    return () => {
      current = false;
    };
  }, [prover, group, view]);
  const facts: [string, string][] = [
    ["construction", valve.construction],
    ["entry", valve.entry],
    ["cavity", valve.cavity],
    ["ends", valve.ends],
    ["port", `${valve.port}, ${figure(valve.boreMm)} mm`],
    ["face to face", valve.faceToFaceMm === null ? "maker's standard" : `${figure(valve.faceToFaceMm)} mm`],
    ["weight", `${figure(valve.weightKg)} kg`],
    ["pad", valve.pad],
  ];
  const columns: OptionColumn[] = [
    { heading: "body", cell: (v) => v.valve.bodyGrade },
    { heading: "trim", cell: (v) => v.valve.trim, title: (v) => v.valve.trim },
    { heading: "seals", cell: (v) => v.valve.seals, title: (v) => v.valve.seals },
    { heading: "price", figures: true, cell: (v) => figure(v.price) },
    {
      heading: "held back by",
      cell: (v) => v.heldBy?.asks ?? "",
      title: (v) => (v.heldBy ? heldSentence(v.heldBy, units) : ""),
    },
  ];
  return (
    <section aria-label="Variants" className="flex h-[50%] min-h-0 shrink-0 flex-col px-4 pt-3">
      <div className="mb-1 flex items-baseline justify-between">
        <h2>Body, trim and seals</h2>
        <span className="text-dim">
          {valve.maker} {valve.line}, {valve.seat}, {valve.designation}
        </span>
      </div>
      <dl className="mb-3 flex flex-wrap gap-x-6 gap-y-0.5">
        {facts.map(([label, value]) => (
          <div key={label} className="flex gap-1.5">
            <dt className="text-dim">{label}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <OptionGrid
        name="Variants"
        rows={variants}
        columns={columns}
        template="6rem minmax(8rem,1fr) minmax(8rem,1.4fr) 4.4rem minmax(6rem,1fr)"
        inHand={key}
        onTake={useBench.getState().take}
      />
    </section>
  );
});
