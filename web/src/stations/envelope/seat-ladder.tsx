import { figure, figureText } from "@proven-seat/core/basis/units";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { useBench } from "../../bench/bench-store.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Coming } from "../../parts/coming.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";

/** Seats of the line, coolest first, and the cost of each step up. */
const SeatLadder = memo(function SeatLadder({ view }: { view: BenchView }) {
  const units = useUnits();
  const { answer: steps, failure } = useAnswer(view.proof, "seats", [view.selected!.candidate.key]);
  if (steps === undefined) return <Coming failure={failure}>Checking seats …</Coming>;
  if (steps.length === 0)
    return (
      <p className="p-2 text-dim">
        Generic construction: any seat is possible. Only the maker can state its torque.
      </p>
    );
  return (
    <Scroll label="Seats" className="min-h-0 flex-1">
      <table className="w-full border-collapse text-left">
        <caption className="sr-only">Seats offered, by increasing temperature</caption>
        <thead className="text-[12px] text-dim">
          <tr className="border-b border-rule">
            <th className="font-normal">seat</th>
            <th className="font-normal">envelope</th>
            <th className="font-normal">actuator</th>
            <th className="text-right font-normal">stays to</th>
            <th className="text-right font-normal">passes</th>
            <th className="text-right font-normal">breakaway</th>
            <th className="text-right font-normal">× torque</th>
            <th className="pl-3 text-right font-normal">price</th>
            <th className="pl-3 font-normal">limited by</th>
          </tr>
        </thead>
        <tbody>
          {steps.map((s) => (
            <tr
              key={s.key}
              className={`border-b border-rule/60 ${s.current ? "bg-second font-semibold" : ""} ${s.envelope === "fails" ? "text-dim" : ""}`}
            >
              <td>
                <button
                  type="button"
                  className="text-left hover:underline"
                  aria-current={s.current}
                  onClick={() => useBench.getState().take(s.key)}
                >
                  {s.seat}
                </button>
              </td>
              <td>
                <BoreMark verdict={s.envelope} />
              </td>
              <td>
                <BoreMark verdict={s.drive} />
              </td>
              <td className="figures text-right">{figureText(s.continuousMaximumC, "°C", units)}</td>
              <td className="figures text-right">{figureText(s.excursionMaximumC, "°C", units)}</td>
              <td className="figures text-right">{figureText(s.breakNm, "N·m", units)}</td>
              <td className="figures text-right">{s.torqueRatio === null ? "–" : figure(s.torqueRatio)}</td>
              <td className="figures pl-3 text-right">{figure(s.price)}</td>
              <td className="max-w-40 truncate pl-3" title={s.heldBackBy ?? ""}>
                {s.heldBackBy ?? ""}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scroll>
  );
});

export default SeatLadder;
