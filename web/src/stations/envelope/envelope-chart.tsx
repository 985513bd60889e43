import { convertUnit, shownUnit } from "@proven-seat/core/basis/units";
import type { OperatingCase } from "@proven-seat/core/duty";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { memo, useEffect, useRef } from "react";
import { useReading, useUnits } from "../../app/reading.ts";
import { pageColours, startChart } from "../../parts/charts.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { type CasePoint, casePoints } from "./case-points.ts";
import { envelopeOptions } from "./envelope-options.ts";
import { followPointer } from "./follow-pointer.ts";

interface Props {
  detail: CandidateDetail;
  cases: readonly OperatingCase[];
  verdicts: Readonly<Record<string, Verdict>>;
}

/** Pressure against temperature: limits as thin lines, the lowest heavy, the cases as marks. */
function EnvelopeChart({ detail, cases, verdicts }: Props) {
  const element = useRef<HTMLDivElement>(null);
  const chart = useRef<ReturnType<typeof startChart> | null>(null);
  const theme = useReading((s) => s.theme);
  const units = useUnits();
  const says = useRef<HTMLParagraphElement>(null);
  /** The drawn state, for the pointer. */
  const drawn = useRef<readonly CasePoint[]>([]);
  const envelopeNow = useRef(detail.envelope);
  const reading = useRef(units);

  useEffect(() => {
    chart.current = startChart(element.current!);
    return () => chart.current?.end();
  }, []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the theme changes the colours read from the page
  useEffect(() => {
    const colours = pageColours();
    const pressureUnit = shownUnit("pressure", units);
    const temperatureUnit = shownUnit("temperature", units);
    const p = (bar: number) => convertUnit(bar, "pressure", "bar g", pressureUnit);
    const t = (c: number) => convertUnit(c, "temperature", "°C", temperatureUnit);
    const points = casePoints(cases, detail.envelope, verdicts, units, t, p);
    drawn.current = points;
    envelopeNow.current = detail.envelope;
    reading.current = units;
    chart.current?.chart.setOption(
      envelopeOptions(detail, points, { units, pressureUnit, temperatureUnit, p, t }, colours),
      { notMerge: true },
    );
  }, [detail, cases, verdicts, units, theme]);

  // Dragging a case edits the duty: the next proof turns the marks.
  useEffect(
    () =>
      followPointer(element.current!, {
        chart: () => chart.current!.chart,
        points: () => drawn.current,
        envelope: () => envelopeNow.current,
        reading: () => reading.current,
        say: (text) => {
          says.current!.textContent = text;
        },
      }),
    [],
  );

  return (
    <div className="relative h-full w-full">
      <p
        ref={says}
        aria-hidden="true"
        className="pointer-events-none absolute top-0 right-6 z-10 text-[12px] text-dim"
      />
      <div
        ref={element}
        className="h-full w-full touch-none"
        role="img"
        aria-label={`Envelope of ${detail.candidate.valve.construction}, ${detail.candidate.valve.seat}: cases against the limits of every part. The findings use the same values. Drag a case to change it, or edit it in the duty.`}
      />
    </div>
  );
}

export default memo(EnvelopeChart);
