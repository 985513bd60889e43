import { figure, figureText } from "@proven-seat/core/basis/units";
import type { FlowPicture } from "@proven-seat/core/judgement/proof";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import { boilingWords, noiseWords, openingWords, velocityWords } from "./words.ts";

const head = "pl-3 text-right font-normal whitespace-nowrap";
const cell = "figures pl-3 text-right whitespace-nowrap";

/** Every case that flows, in numbers; cases without a result are below. */
export function FlowTable({ flow }: { flow: FlowPicture }) {
  const units = useUnits();
  if (flow.cases.length === 0 && flow.others.length === 0)
    return <p className="p-2 text-dim">No case stated yet. Add one under Duty.</p>;
  return (
    <Scroll label="Cases in figures" className="min-h-0 flex-1">
      {flow.cases.length > 0 && (
        <table className="w-full border-collapse text-left">
          <caption className="sr-only">Flow in every case</caption>
          <thead className="text-[12px] text-dim">
            <tr className="border-b border-rule">
              <th className="font-normal">case</th>
              {flow.throttles && <th className={head}>required Kv</th>}
              {flow.throttles && <th className={head}>opening</th>}
              <th className={head}>{flow.throttles ? "drop" : "drop when open"}</th>
              <th className={head}>in the outlet</th>
              <th className={head}>σ</th>
              <th className="pl-3 font-normal">boiling</th>
              {flow.throttles && <th className={head}>noise at 1 m</th>}
            </tr>
          </thead>
          <tbody>
            {flow.cases.map((c) => (
              <tr key={c.id} className="border-b border-rule/60">
                <td>{c.name}</td>
                {flow.throttles && <td className={cell}>{figureText(c.kvNeeded, "Kv", units)}</td>}
                {flow.throttles && <td className={cell}>{openingWords(c)}</td>}
                <td className={cell}>{figureText(c.dropBar, "bar", units)}</td>
                <td className={cell}>{velocityWords(c, units)}</td>
                <td className={cell}>{c.sigma === null ? "–" : figure(c.sigma)}</td>
                <td className="pl-3">
                  {c.choked && c.boiling === "none" ? "choked" : boilingWords[c.boiling]}
                </td>
                {flow.throttles && <td className={cell}>{noiseWords(c)}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {flow.others.map((o) => (
        <p key={o.name} className="mt-1 text-dim">
          {o.name}: {o.why}
        </p>
      ))}
      {flow.trim.typical && flow.cases.length > 0 && (
        <p className="mt-1 text-cannot">
          The maker states no flow coefficient. Typical values of the construction are used as an estimate.
        </p>
      )}
      {flow.throttles && (
        <p className="mt-1 text-dim">Noise is a prediction with an uncertainty of about 5 dB.</p>
      )}
    </Scroll>
  );
}

const Cases = memo(function Cases({ view }: { view: BenchView }) {
  return (
    <section aria-label="Flow by case" className="flex min-h-0 flex-1 flex-col">
      <FlowTable flow={view.selected!.flow} />
    </section>
  );
});

export default Cases;
