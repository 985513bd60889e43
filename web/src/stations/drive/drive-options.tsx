import { figure, marginWords } from "@proven-seat/core/units";
import { memo, useEffect, useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { type OptionColumn, OptionGrid } from "../../parts/option-grid.tsx";
import { heldSentence } from "../../parts/verdict-words.ts";
import type { ProverHandle } from "../../workers/prover.ts";
import type { BenchView, CandidateRow } from "../../workers/views.ts";

/** Every drive the duty allows on the valve in hand, best first. */
const DriveOptions = memo(function DriveOptions({
  view,
  prover,
}: {
  view: BenchView;
  prover: ProverHandle | null;
}) {
  const inHand = view.inHand!.candidate.key;
  const [options, setOptions] = useState<CandidateRow[] | null>(null);
  const units = useUnits();
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new proof brings new drives
  useEffect(() => {
    let current = true;
    void prover?.api.drives(inHand).then((found) => current && setOptions(found));
    return () => {
      current = false;
    };
  }, [prover, inHand, view]);
  if (options === null) return <p className="p-4 text-dim">Looking through the drives …</p>;
  const columns: OptionColumn[] = [
    {
      heading: "drive",
      cell: ({ drive }) => (drive ? `${drive.size} ${drive.springSet ?? ""}` : "bare stem"),
    },
    { heading: "action", cell: ({ drive }) => drive?.action ?? "–" },
    { heading: "flange", cell: ({ drive }) => drive?.flange ?? "–" },
    { heading: "kg", figures: true, cell: ({ drive }) => (drive ? figure(drive.weightKg) : "–") },
    { heading: "price", figures: true, cell: ({ drive }) => (drive ? figure(drive.price) : "–") },
    {
      heading: "margin",
      figures: true,
      cell: ({ heldBy }) => (heldBy ? marginWords(heldBy.margin, heldBy.marginUnit, units) : ""),
    },
    {
      heading: "held back by",
      cell: ({ heldBy }) => heldBy?.asks ?? "",
      title: ({ heldBy }) => (heldBy ? heldSentence(heldBy, units) : ""),
    },
  ];
  return (
    <section aria-label="Drives for this valve" className="flex min-h-0 flex-1 flex-col">
      <div className="mb-1 flex items-baseline justify-between">
        <h2 className="sr-only">Drives for this valve</h2>
        <span className="text-dim">
          {options.filter((o) => o.verdict !== "fails").length} of {options.length} do it
        </span>
      </div>
      <OptionGrid
        name="Drives"
        rows={options}
        columns={columns}
        template="minmax(5rem,1fr) minmax(6rem,1.1fr) 2.6rem 3.2rem 3.8rem 3.8rem minmax(7rem,1.4fr)"
        inHand={inHand}
        onTake={useBench.getState().take}
      />
    </section>
  );
});

export default DriveOptions;
