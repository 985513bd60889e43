import { figure, figureText } from "@proven-seat/core/basis/units";
import type { TrimTried } from "@proven-seat/core/judgement/proof";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { Coming } from "../../parts/coming.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import { shortBoiling } from "./words.ts";

const head = "pl-3 text-right font-normal whitespace-nowrap";
const cell = "figures pl-3 text-right whitespace-nowrap";

/** Least and largest value of a trim over its cases. */
function span(trim: TrimTried, valueOfCase: (c: TrimTried["cases"][number]) => number | null): string {
  const values = trim.cases.map(valueOfCase).filter((v) => v !== null);
  if (values.length === 0) return "–";
  const [least, maximum] = [Math.min(...values), Math.max(...values)];
  return figure(least) === figure(maximum) ? figure(maximum) : `${figure(least)} … ${figure(maximum)}`;
}

const gravity = ["none", "heard", "constant", "choked", "flashing"] as const;
const worstBoiling = ({ cases }: TrimTried) =>
  shortBoiling[
    cases.reduce<(typeof gravity)[number]>(
      (worst, c) => (gravity.indexOf(c.boiling) > gravity.indexOf(worst) ? c.boiling : worst),
      "none",
    )
  ];
const cannot = ({ cases }: TrimTried) =>
  cases
    .filter((c) => c.beyond !== null)
    .map((c) => `${c.name}: ${c.beyond}`)
    .join(", ") || "–";

/** Every trim that fits the selected body, side by side over all cases. */
const Trims = memo(function Trims({ view }: { view: BenchView }) {
  const units = useUnits();
  const { answer: trims, failure } = useAnswer(view.proof, "trims", [view.selected!.candidate.key]);
  if (trims === undefined) return <Coming failure={failure}>Checking every trim …</Coming>;
  const throttles = view.selected!.flow.throttles;
  return (
    <section aria-label="Trims" className="flex min-h-0 flex-1 flex-col">
      <p className="text-dim">
        {throttles
          ? "Selected: the least expensive, smallest trim that keeps every case in range without damage. Ranges cover all cases."
          : "On–off valve: the largest trim is selected."}
      </p>
      <Scroll label="Trims of the product line" className="min-h-0 flex-1">
        <table className="w-full border-collapse text-left">
          <caption className="sr-only">Trims for the selected body</caption>
          <thead className="text-[12px] text-dim">
            <tr className="border-b border-rule">
              <th className="font-normal">trim</th>
              <th className={head}>fully open</th>
              <th className={head}>opening, %</th>
              <th className={head}>noise, dB(A)</th>
              <th className="pl-3 font-normal">boiling</th>
              <th className={head}>flow direction</th>
              <th className={head}>price</th>
              <th className="pl-3 font-normal">cannot</th>
            </tr>
          </thead>
          <tbody>
            {trims.map((t) => (
              <tr
                key={t.id}
                aria-current={t.taken}
                className={`border-b border-rule/60 ${t.taken ? "bg-second font-semibold" : ""}`}
              >
                <td className="whitespace-nowrap" title={t.hardFaced ? `${t.kind}, hard-faced` : t.kind}>
                  {t.name}
                </td>
                <td className={cell}>{figureText(t.kv, "Kv", units)}</td>
                <td className={cell}>{span(t, (c) => c.openingPercent)}</td>
                <td className={cell}>{span(t, (c) => c.noiseDbA && Math.round(c.noiseDbA))}</td>
                <td className="pl-3 whitespace-nowrap">{worstBoiling(t)}</td>
                <td className={cell}>{figureText(t.passageMm, "mm", units)}</td>
                <td className={cell}>{t.price === 0 ? "–" : `+${figure(t.price)}`}</td>
                <td className="pl-3 text-dim">{cannot(t)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scroll>
    </section>
  );
});

export default Trims;
