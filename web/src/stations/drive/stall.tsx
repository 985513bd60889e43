import { placeWords } from "@proven-seat/core/basis/stroke";
import { figure, figureText, type Reading } from "@proven-seat/core/basis/units";
import type { StallChance } from "@proven-seat/core/mechanics/torque";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { Coming } from "../../parts/coming.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";

const percent = (share: number) => figure(100 * share);

function inWords({ probability, standardError, trials, place }: StallChance): string {
  // Nothing seen in n trials leaves room for three in n, nineteen times out of twenty.
  if (probability === 0) return `None of ${figure(trials)} trials stalled (below ${percent(3 / trials)} %)`;
  const first = place ? `, most of them at ${placeWords(place)}` : "";
  return `${percent(probability)} % of ${figure(trials)} trials stalled (± ${percent(2 * standardError)})${first}`;
}

/** One input from its low to its high end, with output over demand at either. */
function Input({
  input,
  units,
  maximum,
}: {
  input: StallChance["inputs"][number];
  units: Reading;
  maximum: number;
}) {
  const value = (v: number) => (input.unit === "" ? `× ${figure(v)}` : figureText(v, input.unit, units));
  const [from, to] = [Math.min(input.atLow, input.atHigh), Math.max(input.atLow, input.atHigh)];
  return (
    <tr className="border-b border-rule/60">
      <td>{input.what}</td>
      <td className="figures text-right">{value(input.low)}</td>
      <td className="figures text-right">{value(input.high)}</td>
      <td className="figures text-right">{figure(from)}</td>
      <td className="px-2">
        <div className="relative h-4">
          <span
            className="absolute inset-y-1 bg-ink/60"
            style={{
              left: `${(100 * Math.max(0, from)) / maximum}%`,
              width: `${(100 * Math.max(0, to - Math.max(0, from))) / maximum}%`,
            }}
          />
          <span
            aria-hidden
            className="absolute inset-y-0 w-0.5 bg-fails"
            style={{ left: `${100 / maximum}%` }}
          />
        </div>
      </td>
      <td className="figures text-right">{figure(to)}</td>
    </tr>
  );
}

/** Probability that the selected actuator stalls, and the inputs that matter most. */
const Stall = memo(function Stall({ view }: { view: BenchView }) {
  const units = useUnits();
  const { answer: found, failure } = useAnswer(view.proof, "stall", [view.selected!.candidate.key]);
  if (found === undefined) return <Coming failure={failure}>Running 100 000 trials …</Coming>;
  if (found === null)
    return (
      <p className="p-2 text-dim">
        Not available: it needs an actuator and a known torque demand in every case.
      </p>
    );
  const maximum = Math.max(1.2, ...found.inputs.flatMap((i) => [i.atLow, i.atHigh])) * 1.05;
  return (
    <section aria-label="Stall probability" className="flex min-h-0 flex-1 flex-col gap-1">
      <p>
        <strong>{inWords(found)}.</strong>{" "}
        <span className="text-dim">
          An estimate that depends on the assumed distributions: friction scatter, supply from lowest to
          highest, time closed up to the longest. Without service factor.
        </span>
      </p>
      <Scroll label="Most important inputs" className="min-h-0 flex-1">
        <table className="w-full border-collapse text-left">
          <caption className="sr-only">
            Lowest ratio of output to demand, with one input at its lowest and highest value
          </caption>
          <thead className="text-[12px] text-dim">
            <tr className="border-b border-rule">
              <th className="font-normal">most important inputs</th>
              <th className="text-right font-normal">from</th>
              <th className="text-right font-normal">to</th>
              <th className="text-right font-normal">least</th>
              <th className="w-2/5 px-2 font-normal">
                output over demand; the actuator stalls left of the line
              </th>
              <th className="text-right font-normal">most</th>
            </tr>
          </thead>
          <tbody>
            {found.inputs.map((input) => (
              <Input key={input.what} input={input} units={units} maximum={maximum} />
            ))}
          </tbody>
        </table>
        <p className="pt-1 text-dim">
          As designed, output over demand is {figure(found.asDesigned)} at its lowest point.
        </p>
      </Scroll>
    </section>
  );
});

export default Stall;
