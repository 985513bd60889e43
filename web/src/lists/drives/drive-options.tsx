import { figure, figureText, marginWords } from "@proven-seat/core/basis/units";
import type { DriveDescription } from "@proven-seat/core/judgement/proof";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { useBench } from "../../bench/bench-store.ts";
import { Coming } from "../../parts/coming.tsx";
import { type OptionColumn, OptionGrid } from "../../parts/option-grid.tsx";
import { heldSentence } from "../../parts/verdict-words.ts";
import type { BenchView } from "../../workers/bench-view.ts";

/** Spring action; for actuators without a spring, the kind. */
const actionWords = ({ action, springSet, kind }: DriveDescription) => (springSet === null ? kind : action);

/** Every actuator the duty allows on the selected valve, best first. */
const DriveOptions = memo(function DriveOptions({ view }: { view: BenchView }) {
  const selected = view.selected!.candidate.key;
  const { answer: options, failure } = useAnswer(view.proof, "drives", [selected]);
  const units = useUnits();
  if (options === undefined) return <Coming failure={failure}>Checking actuators …</Coming>;
  const columns: OptionColumn[] = [
    {
      heading: "actuator",
      cell: ({ drive }) => (drive ? `${drive.size} ${drive.springSet ?? ""}` : "bare stem"),
    },
    { heading: "action", cell: ({ drive }) => (drive ? actionWords(drive) : "–") },
    { heading: "flange", cell: ({ drive }) => drive?.flange ?? "–" },
    {
      heading: "weight",
      figures: true,
      cell: ({ drive }) => (drive ? figureText(drive.weightKg, "kg", units) : "–"),
    },
    { heading: "price", figures: true, cell: ({ drive }) => (drive ? figure(drive.price) : "–") },
    {
      heading: "margin",
      figures: true,
      cell: ({ heldBy }) => (heldBy ? marginWords(heldBy.margin, heldBy.marginUnit, units) : ""),
    },
    {
      heading: "limited by",
      cell: ({ heldBy }) => heldBy?.asks ?? "",
      title: ({ heldBy }) => (heldBy ? heldSentence(heldBy, units) : ""),
    },
  ];
  return (
    <section aria-label="Operators and actuators for this valve" className="flex min-h-0 flex-1 flex-col">
      <div className="mb-1 flex items-baseline justify-between">
        <h2 className="sr-only">Operators and actuators for this valve</h2>
        <span className="text-dim">
          {options.filter((o) => o.verdict === "holds" || o.verdict === "tight").length} of {options.length}{" "}
          suitable
        </span>
      </div>
      <OptionGrid
        name="Actuators"
        rows={options}
        columns={columns}
        template="minmax(4.6rem,0.8fr) minmax(7.4rem,1.3fr) 2.6rem 3.2rem 3.8rem 3.8rem minmax(7rem,1.4fr)"
        selected={selected}
        onTake={useBench.getState().take}
      />
    </section>
  );
});

export default DriveOptions;
