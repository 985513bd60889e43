import { figure, figureText } from "@proven-seat/core/basis/units";
import type { AirPicture } from "@proven-seat/core/judgement/proof";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Coming } from "../../parts/coming.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import { AirLines } from "./air-lines.tsx";
import { FittingsTable } from "./fittings-table.tsx";

function Seconds({ s, asked }: { s: number | null; asked: number | null }) {
  return (
    <td className="figures text-right">
      {s === null ? "does not complete the stroke" : `${figure(s)} s`}{" "}
      {asked !== null && <BoreMark verdict={s !== null && s <= asked ? "holds" : "fails"} />}
    </td>
  );
}

function Ways({ air }: { air: AirPicture }) {
  const asks = ({ opening, closing }: AirPicture["asked"]) =>
    [
      opening !== null && `open within ${figure(opening)} s`,
      closing !== null && `close within ${figure(closing)} s`,
    ]
      .filter(Boolean)
      .join(", ");
  return (
    <table className="mt-2 w-full border-collapse text-left">
      <caption className="pb-1 text-left">
        Longest stroking time{" "}
        <span className="text-dim">a conservative estimate; {asks(air.asked) || "no time is specified"}</span>
      </caption>
      <thead className="text-[12px] text-dim">
        <tr className="border-b border-rule">
          <th className="font-normal">air supplied through</th>
          <th className="font-normal">from the shelf</th>
          <th className="text-right font-normal">Cv</th>
          <th className="text-right font-normal">price</th>
          <th className="text-right font-normal">opens in</th>
          <th className="text-right font-normal">closes in</th>
        </tr>
      </thead>
      <tbody>
        {air.executions.map((e) => (
          <tr
            key={[e.name, ...e.items].join()}
            aria-current={e.led}
            className={`border-b border-rule/60 ${e.led ? "bg-second font-semibold" : ""}`}
          >
            <td>{e.name}</td>
            <td>{e.items.join(", ") || "house rule"}</td>
            <td className="figures text-right">{figure(e.valveCv)}</td>
            <td className="figures text-right">{e.price === null ? "–" : figure(e.price)}</td>
            <Seconds s={e.opening} asked={air.asked.opening} />
            <Seconds s={e.closing} asked={air.asked.closing} />
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Arrangements({ air }: { air: AirPicture }) {
  return (
    <table className="mt-3 w-full border-collapse text-left">
      <caption className="pb-1 text-left">
        Solenoid valves{" "}
        <span className="text-dim">
          tested every {figure(air.testMonths)} months; rates by house rule, an aid and not a certificate
        </span>
      </caption>
      <thead className="text-[12px] text-dim">
        <tr className="border-b border-rule">
          <th className="font-normal">must trip</th>
          <th className="text-right font-normal">valves</th>
          <th className="text-right font-normal">fails on demand</th>
          <th className="text-right font-normal">trips without demand</th>
        </tr>
      </thead>
      <tbody>
        {air.solenoids.map((s) => (
          <tr
            key={s.arrangement}
            aria-current={s.arrangement === air.arrangement}
            className={`border-b border-rule/60 ${s.arrangement === air.arrangement ? "bg-second font-semibold" : ""}`}
          >
            <td>{s.arrangement}</td>
            <td className="figures text-right">{s.valves}</td>
            <td className="figures text-right">{s.failsOnDemand.toExponential(1)}</td>
            <td className="figures text-right">{`once in ${figure(1 / s.tripsPerYear)} years`}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Air of the selected actuator: arrangement, stroking times, consumption, and action on failure. */
const Air = memo(function Air({ view }: { view: BenchView }) {
  const { answer: air, failure } = useAnswer(view.proof, "air", [view.selected!.candidate.key]);
  const units = useUnits();
  if (air === undefined) return <Coming failure={failure}>Calculating filling and venting …</Coming>;
  if (air === null)
    return (
      <p className="p-2 text-dim">
        The actuator is not pneumatic, or its torque demand is not known. Select a candidate with a pneumatic
        actuator.
      </p>
    );
  return (
    <section aria-label="Air" className="flex min-h-0 flex-1 flex-col">
      <Scroll label="Air of the actuator" className="min-h-0 flex-1">
        <AirLines air={air} />
        <p className="text-dim">
          Sweeps <span className="figures text-ink">{figureText(air.sweptL, "litres", units)}</span>, takes{" "}
          <span className="figures text-ink">{figureText(air.perCycleL, "litres", units)}</span> of free air
          per cycle
          {air.perYearM3 !== null && (
            <>
              , <span className="figures text-ink">{figure(air.perYearM3)} m³</span> per year
            </>
          )}
          .{" "}
          {air.schools.length > 0 && (
            <>
              Accessories cost{" "}
              {air.schools.map(({ school, price }, index) => (
                <span key={school}>
                  {index > 0 && ", "}
                  <span className="figures text-ink">{figure(price)}</span> with {school} in the spring
                  chamber
                </span>
              ))}
              .
            </>
          )}
        </p>
        <FittingsTable fittings={air.fittings} />
        <Ways air={air} />
        <Arrangements air={air} />
      </Scroll>
    </section>
  );
});

export default Air;
