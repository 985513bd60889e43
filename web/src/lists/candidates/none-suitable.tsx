import { useUnits } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { heldSentence } from "../../parts/verdict-words.ts";
import type { BenchView } from "../../workers/bench-view.ts";

/** Shown when no candidate is suitable: the nearest misses and their shortfall. */
export function NoneSuitable({ view }: { view: BenchView }) {
  const units = useUnits();
  if (view.nearestMisses.length === 0) return null;
  return (
    <section
      aria-label="Nearest misses"
      className="mx-4 mt-3 max-h-[30%] shrink-0 overflow-auto border-l-2 border-fails pl-3"
    >
      <h2 className="text-fails">No suitable candidate in the catalogue</h2>
      <p className="text-dim">
        These candidates come closest. Change the duty, ask a maker for a special valve, or override with a
        reason.
      </p>
      <ul className="mt-1 grid gap-1.5">
        {view.nearestMisses.map((miss) => (
          <li key={miss.key}>
            <button
              type="button"
              className="text-left font-semibold hover:underline"
              onClick={() => useBench.getState().take(miss.key)}
            >
              {miss.line}, {miss.seat}, {miss.designation}
            </button>
            <ul className="grid">
              {miss.misses.map((f) => (
                <li key={f.rule} className="flex items-baseline gap-1.5">
                  <BoreMark verdict="fails" size={10} label={false} />
                  {heldSentence(f, units)}
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}
