import type { OperatingCase } from "@proven-seat/core/duty";
import type { Verdict } from "@proven-seat/core/rules";
import { type CaseResult, type FindingDescription, figuresOf } from "@proven-seat/core/rules";
import type { Reading } from "@proven-seat/core/units";
import { convertUnit, figureText, marginWords, shownUnit } from "@proven-seat/core/units";
import { memo, useEffect, useRef } from "react";
import { useReading, useUnits } from "../../app/reading.ts";
import { boreGraphics, chartFont, pageColours, startChart } from "../../parts/charts.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { type CasePoint, casePoints } from "./case-points.ts";
import { limitDashes } from "./envelope-lines.tsx";
import { followPointer } from "./follow-pointer.ts";

/** What ends it, without what else its name says. */
const shortName = (name: string) => name.split(/[:,]/)[0]!;

interface Props {
  detail: CandidateDetail;
  cases: readonly OperatingCase[];
  verdicts: Readonly<Record<string, Verdict>>;
}

/** One case against the limit a finding sets it against. */
function caseLine(finding: FindingDescription, result: CaseResult, units: Reading): string {
  const { unit, sense, marginUnit } = figuresOf(finding);
  const margin = marginWords(result.margin, marginUnit, units);
  return `${finding.asks}: ${figureText(result.value, unit, units)} ${sense} ${figureText(result.limit, unit, units)}  ${margin}`;
}

/** Pressure against temperature: limits as thin lines, the lowest heavy, the cases as marks. */
function EnvelopeChart({ detail, cases, verdicts }: Props) {
  const element = useRef<HTMLDivElement>(null);
  const chart = useRef<ReturnType<typeof startChart> | null>(null);
  const theme = useReading((s) => s.theme);
  const units = useUnits();
  const says = useRef<HTMLParagraphElement>(null);
  /** What is drawn now, for the pointer. */
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
    const { envelope, candidate } = detail;
    const points = casePoints(cases, envelope, verdicts, units, t, p);
    drawn.current = points;
    envelopeNow.current = envelope;
    reading.current = units;
    const xs = [...points.map((c) => c.temperature), t(envelope.lowestC), t(envelope.excursionC)];
    const span = Math.max(...xs) - Math.min(...xs) || 100;
    const step = span > 400 ? 100 : span > 150 ? 40 : 20;
    const xMin = Math.floor((Math.min(...xs) - span * 0.02) / step) * step;
    const xMax = Math.ceil((Math.max(...xs) + span * 0.02) / step) * step;
    const inView = (temperature: number) => temperature >= xMin && temperature <= xMax;
    const clipped = (line: readonly (readonly [number, number])[]) => line.map(([x, y]) => [t(x), p(y)]);
    // Scaled to what governs: a seat that holds ten times the body would press everything else to the floor.
    const governing = [...envelope.lowest, ...envelope.excursion].filter(([x]) => inView(t(x)));
    const top = Math.max(
      ...governing.map(([, y]) => p(y) * 1.25),
      ...points.map((c) => c.pressure * 1.12),
      p(0) + 1,
    );
    const nearestEnds = envelope.ends
      .filter((e) => inView(t(e.temperatureC)))
      .map((e) => ({
        x: t(e.temperatureC),
        which: e.end,
        name: `${e.end === "lowest" ? "" : `${e.end} `}${figureText(e.temperatureC, "°C", units)}, ${shortName(e.name)}`,
      }));
    const text = { color: colours.dim, fontFamily: chartFont, fontSize: 11 };
    chart.current?.chart.setOption(
      {
        animation: false,
        textStyle: { fontFamily: chartFont },
        grid: { left: 46, right: 24, top: 26, bottom: 34 },
        tooltip: {
          trigger: "item",
          renderMode: "richText",
          backgroundColor: colours.paper,
          borderColor: colours.ink,
          borderRadius: 0,
          textStyle: { color: colours.ink, fontFamily: chartFont, fontSize: 12 },
        },
        xAxis: {
          type: "value",
          min: xMin,
          max: xMax,
          interval: step,
          name: temperatureUnit,
          nameLocation: "end",
          nameGap: 6,
          nameTextStyle: { ...text, verticalAlign: "top", padding: [18, 18, 0, 0] },
          axisLabel: { ...text, showMaxLabel: false },
          splitLine: { lineStyle: { color: colours.grid } },
          axisLine: { onZero: false, lineStyle: { color: colours.rule } },
          axisTick: { show: false },
        },
        yAxis: {
          type: "value",
          min: Math.floor(Math.min(p(0), ...points.map((c) => c.pressure)) / 5) * 5,
          name: pressureUnit,
          nameTextStyle: { ...text, align: "right" },
          nameGap: 8,
          max: (top * 1.06).toPrecision(2),
          axisLabel: { ...text, showMaxLabel: false },
          splitLine: { lineStyle: { color: colours.grid } },
          axisLine: { show: false, onZero: false },
          axisTick: { show: false },
        },
        series: [
          ...envelope.lines.map((l) => ({
            type: "line",
            name: l.name,
            data: clipped(l.points),
            symbol: "none",
            clip: true,
            silent: true,
            lineStyle: {
              color: colours.ink,
              width: 1,
              opacity: 0.7,
              type: limitDashes[l.part] ?? "solid",
            },
          })),
          {
            type: "line",
            name: "lowest limit",
            data: clipped(envelope.lowest),
            symbol: "none",
            clip: true,
            silent: true,
            lineStyle: { color: colours.ink, width: 2.6 },
            areaStyle: { color: colours.second, opacity: 0.75, origin: "start" },
            z: 1,
            markLine: {
              silent: true,
              z: 2,
              symbol: "none",
              lineStyle: { color: colours.ink, type: "dashed", width: 1 },
              data: nearestEnds.map((e) => ({
                xAxis: e.x,
                label: {
                  formatter: e.name,
                  ...text,
                  position: e.which === "lowest" ? "insideEndBottom" : "insideEndTop",
                  rotate: 90,
                  backgroundColor: colours.paper,
                  padding: [1, 2],
                  distance: 4,
                },
              })),
            },
          },
          {
            type: "line",
            name: "passing",
            data: clipped(envelope.excursion),
            symbol: "none",
            clip: true,
            silent: true,
            lineStyle: { color: colours.ink, width: 2.2, type: [3, 3] },
            areaStyle: { color: colours.second, opacity: 0.35, origin: "start" },
            z: 1,
          },
          {
            type: "line",
            name: "path",
            data: points.map((c) => [c.temperature, c.pressure]),
            symbol: "none",
            silent: true,
            lineStyle: { color: colours.dim, width: 1, type: "dotted" },
            z: 2,
          },
          {
            type: "custom",
            name: "cases",
            data: points.map((c, i) => ({ value: [c.temperature, c.pressure, i], name: c.name })),
            tooltip: {
              formatter: (item: { dataIndex: number }) => {
                const c = points[item.dataIndex]!;
                const lines = candidate.findings
                  .flatMap((f) =>
                    f.byCase
                      .filter((r) => r.caseId === c.id && r.margin !== null && r.limit !== null)
                      .map((r) => caseLine(f, r, units)),
                  )
                  .slice(0, 8);
                return [c.name, c.governed, ...lines].join("\n");
              },
            },
            renderItem: (
              _: unknown,
              api: { value: (i: number) => number; coord: (v: number[]) => number[]; getWidth: () => number },
            ) => {
              const c = points[api.value(2)]!;
              const [x, y] = api.coord([c.temperature, c.pressure]) as [number, number];
              const leftwards = x > api.getWidth() - 130;
              return {
                type: "group",
                children: [
                  { type: "circle", shape: { cx: x, cy: y, r: 10 }, style: { fill: colours.paper } },
                  boreGraphics(c.verdict, x, y, 8, colours),
                  {
                    type: "text",
                    style: {
                      text: c.label,
                      x: leftwards ? x - 13 : x + 13,
                      y,
                      align: leftwards ? "right" : "left",
                      verticalAlign: "middle",
                      fill: colours[c.verdict],
                      font: `600 12px ${chartFont}`,
                      stroke: colours.paper,
                      lineWidth: 3,
                    },
                  },
                ],
              };
            },
            z: 5,
          },
        ],
      },
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
        aria-label={`Envelope of ${detail.candidate.valve.construction}, ${detail.candidate.valve.seat}: cases against the limits of every part. The findings carry the same figures; cases are moved here by dragging, or in the duty.`}
      />
    </div>
  );
}

export default memo(EnvelopeChart);
