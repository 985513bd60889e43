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
const Variants = memo(function Variants({ view, prover }: { view: BenchView; prover: ProverHandle | null }) {
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
    <section aria-label="Variants" className="flex min-h-0 flex-1 flex-col">
      <p className="mb-1 text-dim">
        {valve.maker} {valve.line}, {valve.seat}, {valve.designation}, {valve.cavity}
      </p>
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

export default Variants;
