import { figure, figureText, marginWords } from "@proven-seat/core/basis/units";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { useBench } from "../../bench/bench-store.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Coming } from "../../parts/coming.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";

/** Savings at each step of the supply pressure, and where the selected actuator fails. */
const SupplySteps = memo(function SupplySteps({ view }: { view: BenchView }) {
  const units = useUnits();
  const { answer: ladder, failure } = useAnswer(view.proof, "supplies", [view.selected!.candidate.key]);
  if (ladder === undefined) return <Coming failure={failure}>Checking every pressure …</Coming>;
  if (ladder === null)
    return (
      <p className="p-2 text-dim">
        The operator is not pneumatic or hydraulic. Select a candidate with such an actuator to see the effect
        of supply pressure.
      </p>
    );
  const selected = view.selected!.candidate.drive;
  return (
    <section aria-label="Supply" className="flex min-h-0 flex-1 flex-col">
      <p className="mb-1 text-dim">
        {selected?.size} {selected?.springSet}:{" "}
        {ladder.givesUpBarG === null
          ? "works at every lower pressure examined."
          : `fails at ${figureText(ladder.givesUpBarG, "bar g", units)}.`}
      </p>
      <Scroll label="Pressures" className="min-h-0 flex-1">
        <table className="w-full border-collapse text-left">
          <caption className="sr-only">Lowest {ladder.of} supply, increasing</caption>
          <thead className="text-[12px] text-dim">
            <tr className="border-b border-rule">
              <th className="font-normal">lowest {ladder.of}</th>
              <th className="font-normal">selected</th>
              <th className="text-right font-normal">margin</th>
              <th className="pl-3 font-normal">suitable actuator</th>
              <th className="font-normal">actuator</th>
              <th className="text-right font-normal">price</th>
            </tr>
          </thead>
          <tbody>
            {ladder.steps.map((s) => (
              <tr
                key={s.lowestBarG}
                aria-current={s.current}
                className={`border-b border-rule/60 ${s.current ? "bg-second font-semibold" : ""}`}
              >
                <td className="figures">{figureText(s.lowestBarG, "bar g", units)}</td>
                <td>
                  <BoreMark verdict={s.selected} />
                </td>
                <td className="figures text-right">
                  {s.margin === null ? "–" : marginWords(s.margin, "%", units)}
                </td>
                <td className="pl-3">
                  <button
                    type="button"
                    className="text-left hover:underline"
                    onClick={() => useBench.getState().take(s.key)}
                  >
                    {s.drive} {s.variant}
                  </button>
                </td>
                <td>
                  <BoreMark verdict={s.verdict} />
                </td>
                <td className="figures text-right">
                  {s.priceStep === 0
                    ? "same"
                    : `${s.priceStep > 0 ? "+" : "−"}${figure(Math.abs(s.priceStep))}`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scroll>
    </section>
  );
});

export default SupplySteps;
