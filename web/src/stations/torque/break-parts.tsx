import { figure, figureText } from "@proven-seat/core/basis/units";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";

/** Parts of a breakaway torque, each in its own tone, from the seat outwards. */
const parts = [
  { id: "seatNm", name: "seat", tone: "bg-ink" },
  { id: "bearingNm", name: "bearing", tone: "bg-ink/70" },
  { id: "offsetNm", name: "offset of the shaft", tone: "bg-ink/50" },
  { id: "packingNm", name: "packing", tone: "bg-ink/35" },
  { id: "thrustNm", name: "thrust of the stem", tone: "bg-ink/20" },
] as const;

/** Difference of a table from the computed torque, in whole per cent. */
function apart(tableNm: number, totalNm: number): string {
  const percent = Math.round(100 * (tableNm / totalNm - 1));
  if (percent === 0) return "the same";
  return `${percent > 0 ? "+" : "−"}${figure(Math.abs(percent))} %`;
}

/** Cost of the other differential, in a line. */
function Basis({ view }: { view: BenchView }) {
  const units = useUnits();
  const { answer: other } = useAnswer(view.proof, "basis", [view.selected!.candidate.key]);
  if (!other) return null;
  const step =
    other.priceStep === 0
      ? "the same drive and price"
      : `${other.drive} ${other.variant}, ${other.priceStep > 0 ? "+" : "−"}${figure(Math.abs(other.priceStep))}`;
  return (
    <p>
      At the {other.basis} breakaway differential{" "}
      <span className="figures">{figureText(other.breakNm, "N·m", units)}</span>: {step}{" "}
      <BoreMark verdict={other.verdict} />
    </p>
  );
}

/** The maker's table beside the computed torque, case by case and part by part. */
const BreakPartsTable = memo(function BreakPartsTable({ view }: { view: BenchView }) {
  const units = useUnits();
  const { torque, byConstruction } = view.selected!;
  if (byConstruction)
    return <p className="p-2 text-dim">Generic construction: only the maker can state its torque.</p>;
  const maximum = Math.max(...torque.cases.flatMap((c) => [c.tableNm ?? 0, c.mechanics?.totalNm ?? 0]), 1);
  const nm = (value: number | null | undefined) => figureText(value ?? null, "N·m", units);
  return (
    <section aria-label="Parts of the breakaway torque" className="flex min-h-0 flex-1 flex-col">
      <Basis view={view} />
      <p className="mb-1 text-dim">
        Clean and just cycled. The calculation from dimensions is an estimate, because packing and bearings
        are not in the catalogue.
      </p>
      <Scroll label="Cases" className="min-h-0 flex-1">
        <table className="w-full border-collapse text-left">
          <caption className="sr-only">Breakaway torque by the maker's table and from dimensions</caption>
          <thead className="text-[12px] text-dim">
            <tr className="border-b border-rule">
              <th className="font-normal">case</th>
              <th className="pl-2 text-right font-normal">differential</th>
              <th className="pl-2 text-right font-normal">table</th>
              <th className="pl-2 text-right font-normal">dimensions</th>
              <th className="w-2/5 pl-3 font-normal">
                {parts.map(({ id, name, tone }) => (
                  <span key={id} className="mr-2 inline-flex items-center gap-1 whitespace-nowrap">
                    <span aria-hidden className={`inline-block size-2 ${tone}`} />
                    {name}
                  </span>
                ))}
              </th>
              <th className="pl-2 text-right font-normal">table is</th>
              <th className="pl-3 text-right font-normal whitespace-nowrap">flow adds</th>
            </tr>
          </thead>
          <tbody>
            {torque.cases.map((c) => (
              <tr
                key={c.id}
                className={`border-b border-rule/60 ${c.id === torque.hardest ? "bg-second font-semibold" : ""}`}
              >
                <td>{c.name}</td>
                <td className="figures pl-2 text-right whitespace-nowrap">
                  {figureText(c.differentialBar, "bar", units)}
                </td>
                <td className="figures pl-2 text-right whitespace-nowrap">
                  {c.tableNm === null ? "beyond the table" : nm(c.tableNm)}
                </td>
                <td className="figures pl-2 text-right whitespace-nowrap">
                  {c.mechanics ? nm(c.mechanics.totalNm) : "–"}
                </td>
                <td className="pl-3">
                  {c.mechanics ? (
                    <div className="relative h-4">
                      <div className="absolute inset-y-0.5 left-0 flex w-full">
                        {parts.map(({ id, name, tone }) => (
                          <span
                            key={id}
                            title={`${name} ${nm(c.mechanics![id])}`}
                            className={tone}
                            style={{ width: `${(100 * c.mechanics![id]) / maximum}%` }}
                          />
                        ))}
                      </div>
                      {c.tableNm !== null && (
                        <span
                          title={`maker's table ${nm(c.tableNm)}`}
                          className="absolute inset-y-0 w-0.5 bg-holds"
                          style={{ left: `${(100 * c.tableNm) / maximum}%` }}
                        />
                      )}
                    </div>
                  ) : (
                    <span className="font-normal text-dim">no rubbing: only the maker can state it</span>
                  )}
                </td>
                <td className="figures pl-2 text-right whitespace-nowrap">
                  {c.tableNm === null || !c.mechanics ? "–" : apart(c.tableNm, c.mechanics.totalNm)}
                </td>
                <td className="figures pl-3 text-right whitespace-nowrap">
                  {nm(c.flow?.mostNm)}
                  {c.flow && c.flow.mostNm > 0 && (
                    <span className="font-normal text-dim">{` ${c.flow.at.stroke}, ${c.flow.at.degrees}°`}</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scroll>
    </section>
  );
});

export default BreakPartsTable;
