import { figure } from "@proven-seat/core/basis/units";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { useBench } from "../../bench/bench-store.ts";
import { Coming } from "../../parts/coming.tsx";
import { type OptionColumn, OptionGrid } from "../../parts/option-grid.tsx";
import { heldSentence } from "../../parts/verdict-words.ts";
import type { BenchView } from "../../workers/bench-view.ts";

/** Body, trim and seal variants of the selected valve. */
const Variants = memo(function Variants({ view }: { view: BenchView }) {
  const { key, valve } = view.selected!.candidate;
  const { answer: variants, failure } = useAnswer(view.proof, "variants", [key]);
  const units = useUnits();
  if (variants === undefined) return <Coming failure={failure}>Checking variants …</Coming>;
  const columns: OptionColumn[] = [
    { heading: "body", cell: (v) => v.valve.bodyGrade },
    { heading: "trim", cell: (v) => v.valve.trim, title: (v) => v.valve.trim },
    { heading: "seals", cell: (v) => v.valve.seals, title: (v) => v.valve.seals },
    { heading: "price", figures: true, cell: (v) => figure(v.price) },
    {
      heading: "limited by",
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
        selected={key}
        onTake={useBench.getState().take}
      />
    </section>
  );
});

export default Variants;
