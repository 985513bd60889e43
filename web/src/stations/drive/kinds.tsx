import { figure, figureText, marginWords } from "@proven-seat/core/basis/units";
import type { KindOnValve } from "@proven-seat/core/judgement/proof";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Coming } from "../../parts/coming.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";

const figures = "figures pl-2 text-right whitespace-nowrap";
const known = (value: number | null) => (value === null ? "–" : figure(value));
/** Kinds that always have a spring say so in their name. */
const named = ({ kind, sprung }: KindOnValve) => (sprung && !/return/.test(kind) ? `${kind}, spring` : kind);

function Row({ kind, selected }: { kind: KindOnValve; selected: boolean }) {
  const units = useUnits();
  return (
    <tr
      aria-current={selected}
      className={`border-b border-rule/60 align-top ${selected ? "bg-second font-semibold" : ""}`}
    >
      <td className="pr-1">
        <BoreMark verdict={kind.verdict} />
      </td>
      <td>
        {named(kind)} <span className="text-dim">{kind.drive.size}</span>
      </td>
      <td className={figures}>{kind.margin === null ? "–" : marginWords(kind.margin, "%", units)}</td>
      <td className={figures}>{figure(kind.price)}</td>
      <td className={figures}>{figureText(kind.weightKg, "kg", units)}</td>
      <td className={figures}>{known(kind.opensS)}</td>
      <td className={figures}>{known(kind.closesS)}</td>
      <td className={figures}>{figureText(kind.airL, "litres", units)}</td>
      <td className="pl-3 text-dim">{kind.cannot.join(", ") || "–"}</td>
    </tr>
  );
}

/** Every kind of actuator on the selected valve, side by side, whatever operator the duty asks for. */
const Kinds = memo(function Kinds({ view }: { view: BenchView }) {
  const { key } = view.selected!.candidate;
  const { answer: kinds, failure } = useAnswer(view.proof, "kinds", [key]);
  if (kinds === undefined) return <Coming failure={failure}>Checking every kind of actuator …</Coming>;
  if (kinds.length === 0) return <p className="p-2 text-dim">The shelf has no operator for this stem.</p>;
  return (
    <section aria-label="Kinds of operator" className="flex min-h-0 flex-1 flex-col">
      <p className="mb-1 text-dim">
        The best of each kind on the shelf for this valve, with accessories and mounting parts. Times are the
        longest.
      </p>
      <Scroll label="Kinds of operator" className="min-h-0 flex-1">
        <table className="w-full border-collapse text-left">
          <caption className="sr-only">Kinds of operator for the selected valve</caption>
          <thead className="text-[12px] text-dim">
            <tr className="border-b border-rule">
              <th className="font-normal">
                <span className="sr-only">verdict</span>
              </th>
              <th className="font-normal">operator</th>
              <th className="pl-2 text-right font-normal whitespace-nowrap">margin</th>
              <th className="pl-2 text-right font-normal whitespace-nowrap">price</th>
              <th className="pl-2 text-right font-normal whitespace-nowrap">weight</th>
              <th className="pl-2 text-right font-normal whitespace-nowrap">opens, s</th>
              <th className="pl-2 text-right font-normal whitespace-nowrap">closes, s</th>
              <th className="pl-2 text-right font-normal whitespace-nowrap">air</th>
              <th className="pl-3 font-normal">cannot</th>
            </tr>
          </thead>
          <tbody>
            {kinds.map((kind) => (
              <Row key={kind.key} kind={kind} selected={kind.key === key} />
            ))}
          </tbody>
        </table>
      </Scroll>
    </section>
  );
});

export default Kinds;
