import { countsText } from "@proven-seat/core/judgement/proof";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer, useAnswers } from "../../bench/answers.ts";
import { useBench } from "../../bench/bench-store.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { heldSentence } from "../../parts/verdict-words.ts";
import type { BenchView } from "../../workers/bench-view.ts";
import type { ByConstructionRow, ConstructionRow } from "../../workers/views.ts";

/** Every construction; for those without a suitable valve, what could be built, asked one by one. */
function useConstructions({ proof }: BenchView) {
  const { answer: rows = [] } = useAnswer(proof, "constructions", []);
  const fallen = rows.filter((row) => row.standing === 0);
  const { answers } = useAnswers(
    proof,
    "byConstruction",
    fallen.map(({ id }) => [id] as const),
    { pause: 250, keep: false },
  );
  const built: Readonly<Record<string, ByConstructionRow | null | undefined>> = Object.fromEntries(
    fallen.map(({ id }, index) => [id, answers[index]]),
  );
  return { rows, built };
}

function sentence(
  row: ConstructionRow,
  unoffered: ByConstructionRow | null | undefined,
  units: Parameters<typeof heldSentence>[1],
) {
  if (row.standing > 0) return countsText(row);
  if (row.fallsOn !== null) return heldSentence(row.fallsOn, units);
  if (unoffered === undefined) return "not offered here; examining …";
  if (unoffered === null) return "Not built in this size and class.";
  return unoffered.stands
    ? "Not offered here."
    : unoffered.fallsOn
      ? heldSentence(unoffered.fallsOn, units)
      : "";
}

/** Every construction as a row: number of suitable valves, or why there is none; and what could be built. */
export const Constructions = memo(function Constructions({ view }: { view: BenchView }) {
  const { rows, built } = useConstructions(view);
  const units = useUnits();
  const selected = view.selected?.candidate.valve.constructionId;
  const { take } = useBench.getState();
  return (
    <section aria-label="Constructions" className="flex min-h-0 flex-col overflow-auto">
      <h2 className="pb-1">Constructions</h2>
      <ul>
        {rows.map((row) => {
          const unoffered = built[row.id];
          const verdict =
            row.key !== null
              ? row.verdict
              : unoffered === undefined
                ? "not asked"
                : unoffered?.stands
                  ? "cannot tell"
                  : "fails";
          const key = row.key ?? unoffered?.key ?? null;
          return (
            <li key={row.id} className={`border-b border-rule/60 ${row.id === selected ? "bg-second" : ""}`}>
              <button
                type="button"
                disabled={key === null}
                aria-current={row.id === selected}
                className={`grid w-full grid-cols-[20px_minmax(0,1fr)] items-baseline px-1 py-[3px] text-left enabled:hover:bg-second/60 ${row.standing > 0 ? "" : "text-dim"}`}
                onClick={() => key !== null && take(key)}
              >
                <span className="relative top-0.5">
                  <BoreMark verdict={key === null && unoffered === null ? "not asked" : verdict} />
                </span>
                <span className="grid">
                  <span className={row.standing > 0 ? "font-semibold text-ink" : "text-ink"}>{row.name}</span>
                  <span
                    className="text-[12px] text-dim"
                    title={row.considered > 0 ? `${row.considered} examined` : undefined}
                  >
                    {sentence(row, unoffered, units)}
                  </span>
                </span>
              </button>
              {row.standing === 0 && unoffered?.stands && (
                <p className="grid grid-cols-[20px_minmax(0,1fr)] px-1 pb-1 text-[12px]">
                  <span />
                  <span>
                    <button
                      type="button"
                      className="border border-dashed border-ink px-1"
                      onClick={() => take(unoffered.key)}
                    >
                      by construction
                    </button>{" "}
                    {unoffered.words}.{" "}
                    <button
                      type="button"
                      className="quiet"
                      onClick={() => void navigator.clipboard?.writeText(unoffered.words)}
                    >
                      copy
                    </button>
                  </span>
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
});
