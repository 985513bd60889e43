import { figureText, marginWords, type Reading } from "@proven-seat/core/basis/units";
import { type CaseResult, type FindingDescription, figuresOf } from "@proven-seat/core/judgement/rules";
import { axisText, boreGraphics, chartFont, type PageColours, pointerNote } from "../../parts/charts.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import type { CasePoint } from "./case-points.ts";
import { endNames } from "./end-names.ts";
import { limitDashes } from "./envelope-lines.tsx";

/** The reader's units, and the way into them. */
export interface EnvelopeUnits {
  readonly units: Reading;
  readonly pressureUnit: string;
  readonly temperatureUnit: string;
  /** From bar g. */
  readonly p: (bar: number) => number;
  /** From °C. */
  readonly t: (c: number) => number;
}

/** One case against the limit a finding sets it against. */
function caseLine(finding: FindingDescription, result: CaseResult, units: Reading): string {
  const { unit, sense, marginUnit } = figuresOf(finding);
  const margin = marginWords(result.margin, marginUnit, units);
  return `${finding.asks}: ${figureText(result.value, unit, units)} ${sense} ${figureText(result.limit, unit, units)}  ${margin}`;
}

/** Pressure against temperature: limits as thin lines, the lowest heavy, the cases as marks. */
export function envelopeOptions(
  { envelope, candidate }: CandidateDetail,
  points: readonly CasePoint[],
  { units, pressureUnit, temperatureUnit, p, t }: EnvelopeUnits,
  colours: PageColours,
): Record<string, unknown> {
  const xs = [...points.map((c) => c.temperature), t(envelope.lowestC), t(envelope.excursionC)];
  const span = Math.max(...xs) - Math.min(...xs) || 100;
  const step = span > 400 ? 100 : span > 150 ? 40 : 20;
  const xMin = Math.floor((Math.min(...xs) - span * 0.02) / step) * step;
  const xMax = Math.ceil((Math.max(...xs) + span * 0.02) / step) * step;
  const inView = (temperature: number) => temperature >= xMin && temperature <= xMax;
  const clipped = (line: readonly (readonly [number, number])[]) => line.map(([x, y]) => [t(x), p(y)]);
  // Scaled to the governing lines: a seat with ten times the body's limit would flatten everything else.
  const governing = [...envelope.lowest, ...envelope.excursion].filter(([x]) => inView(t(x)));
  const top = Math.max(
    ...governing.map(([, y]) => p(y) * 1.25),
    ...points.map((c) => c.pressure * 1.12),
    p(0) + 1,
  );
  const ends = endNames(envelope.ends, points, units, t, [xMin, xMax], top);
  const text = axisText(colours);
  return {
    animation: false,
    textStyle: { fontFamily: chartFont },
    grid: { left: 46, right: 24, top: 26, bottom: 34 },
    tooltip: {
      trigger: "item",
      ...pointerNote(colours),
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
          data: ends.map((e) => ({
            xAxis: e.x,
            label: {
              formatter: e.text,
              ...text,
              position: e.position,
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
  };
}
