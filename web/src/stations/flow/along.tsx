import { figure, figureText, type Reading } from "@proven-seat/core/basis/units";
import { sectionViews } from "@proven-seat/core/construction/sections";
import type { FlowStroke, StrokePoint } from "@proven-seat/core/judgement/proof";
import { memo, useCallback, useMemo, useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { Chart } from "../../parts/chart.tsx";
import { axisText, type PageColours } from "../../parts/charts.ts";
import { Coming } from "../../parts/coming.tsx";
import { LineKey } from "../../parts/line-key.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import { SectionShapes } from "../../parts/section-shapes.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import type { SectionData } from "../../workers/views.ts";
import { boilingWords } from "./words.ts";

/** Flow through the line and at steady pressures, and the gain, over the opening. */
function alongOptions({ points }: FlowStroke, colours: PageColours): Record<string, unknown> {
  const text = axisText(colours);
  const line = (name: string, figure: (p: StrokePoint) => number, width: number, type: string, axis = 0) => ({
    type: "line",
    name,
    yAxisIndex: axis,
    data: points.map((p) => [p.openingPercent, figure(p)]),
    symbol: "none",
    silent: true,
    lineStyle: { color: axis === 0 ? colours.ink : colours["cannot tell"], width, type },
    itemStyle: { color: axis === 0 ? colours.ink : colours["cannot tell"] },
  });
  const yAxis = (name: string) => ({
    type: "value",
    min: 0,
    name,
    nameTextStyle: text,
    axisLabel: { ...text, formatter: figure, showMaxLabel: false },
    splitLine: { lineStyle: { color: colours.grid } },
  });
  return {
    animation: false,
    grid: { left: 46, right: 40, top: 26, bottom: 34 },
    xAxis: {
      type: "value",
      min: 0,
      max: 100,
      name: "opening, %",
      nameLocation: "middle",
      nameGap: 20,
      nameTextStyle: text,
      axisLabel: text,
      splitLine: { lineStyle: { color: colours.grid } },
      axisTick: { show: false },
    },
    yAxis: [yAxis("% of flow"), { ...yAxis("gain"), splitLine: { show: false } }],
    series: [
      line("in the line", (p) => 100 * p.share, 2.2, "solid"),
      line("inherent", (p) => 100 * p.inherent, 1, "dashed"),
      line("gain", (p) => p.gain, 1.4, "solid", 1),
    ],
  };
}

/** Values at the opening of the slider. */
function Figures({ stroke, point, units }: { stroke: FlowStroke; point: StrokePoint; units: Reading }) {
  const loud = point.noiseDbA !== null && point.noiseDbA > stroke.noiseLimitDbA;
  const rows: readonly (readonly [string, string, boolean?])[] = [
    [
      "flow",
      stroke.largest.basis === "m³/h"
        ? figureText(stroke.largest.rate * point.share, "m³/h", units)
        : `${figure(stroke.largest.rate * point.share)} ${stroke.largest.basis}`,
    ],
    ["upstream", figureText(point.upstreamBarA - 1.01325, "bar g", units)],
    ["downstream", figureText(point.downstreamBarA - 1.01325, "bar g", units)],
    ["coefficient", figureText(point.kv, "Kv", units)],
    [
      point.sigma === null ? "x" : "σ",
      point.sigma === null ? figure(point.ratio) : `${figure(point.sigma)}, ${boilingWords[point.boiling]}`,
      point.boiling === "choked" || point.boiling === "flashing",
    ],
    [
      "in the outlet",
      `${figureText(point.outletMS, "m/s", units)}${point.mach === null ? "" : `, Mach ${figure(point.mach)}`}`,
    ],
    ["noise", point.noiseDbA === null ? "–" : `${Math.round(point.noiseDbA)} dB(A)`, loud],
    ["gain", figure(point.gain)],
  ];
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-3">
      {rows.map(([what, value, bad]) => (
        <div key={what} className="contents">
          <dt className="text-dim">{what}</dt>
          <dd className={`figures text-right ${bad ? "text-fails" : ""}`}>{value}</dd>
        </div>
      ))}
    </dl>
  );
}

const stage = { width: 104, height: 84 } as const;

/** The selected valve in section from above, turned by the slider. */
function Turned({ data, percent }: { data: SectionData; percent: number }) {
  const view = useMemo(
    () =>
      sectionViews(data.construction, {
        dimensions: data.dimensions,
        openingDegrees: 0.9 * percent,
        cavity: data.cavity.id,
        thrustN: 0,
        seatLoadN: 0,
      }).at(-1),
    [data, percent],
  );
  if (!view) return null;
  const { left, right, top, bottom } = view.box;
  const scale = Math.max(0.01, Math.min(stage.width / (right - left), stage.height / (top - bottom)));
  return (
    <svg
      {...stage}
      className="shrink-0"
      role="img"
      aria-label={`Section ${view.name}, ${Math.round(0.9 * percent)}° open`}
    >
      <SectionShapes
        view={{ ...view, forces: [] }}
        scale={scale}
        x0={(stage.width - scale * (right - left)) / 2}
        y0={(stage.height - scale * (top - bottom)) / 2}
      />
    </svg>
  );
}

/** Results of the trim over its stroke in the line of the cases; the slider turns it. */
const Along = memo(function Along({ view }: { view: BenchView }) {
  const units = useUnits();
  const { answer: stroke, failure } = useAnswer(view.proof, "flowStroke", [view.selected!.candidate.key]);
  const [percent, setPercent] = useState(60);
  const options = useCallback(
    (colours: PageColours) => (stroke ? alongOptions(stroke, colours) : {}),
    [stroke],
  );
  if (stroke === undefined) return <Coming failure={failure}>Calculating over the travel …</Coming>;
  if (stroke === null)
    return (
      <p className="p-2 text-dim">
        No case states a flow. Enter flow and both pressures of a case under Duty.
      </p>
    );
  const point = stroke.points.reduce((near, p) =>
    Math.abs(p.openingPercent - percent) < Math.abs(near.openingPercent - percent) ? p : near,
  );
  return (
    <section aria-label="Over the travel" className="flex min-h-0 flex-1 gap-4">
      <div className="flex min-w-0 flex-1 flex-col">
        <p className="text-dim">
          {stroke.lineKnown
            ? `The line as described by the cases, with static head and friction; valve authority ${figure(stroke.authority)}.`
            : "The cases do not describe one line. The pressures of the highest flow are assumed constant."}
        </p>
        <LineKey
          lines={[
            { name: "in the line", width: 2.2, colour: "var(--ink)" },
            { name: "inherent", width: 1, dashes: "4 3", colour: "var(--ink)" },
            { name: "gain", width: 1.4, colour: "var(--cannot)" },
          ]}
        />
        <div className="min-h-0 flex-1">
          <Chart
            options={options}
            says="Installed flow, inherent flow and gain over travel. The values beside it are at the slider position."
          />
        </div>
      </div>
      <Scroll label="At this opening" className="w-64 shrink-0">
        <div className="flex items-center gap-3">
          <Turned data={view.selected!.section} percent={percent} />
          <label className="flex flex-1 flex-col">
            <span>
              opening <span className="figures">{figure(point.openingPercent)} %</span>
            </span>
            <input
              type="range"
              min={0}
              max={100}
              step={1}
              value={percent}
              style={{ accentColor: "var(--holds)" }}
              onChange={(e) => setPercent(Number(e.target.value))}
            />
          </label>
        </div>
        <Figures stroke={stroke} point={point} units={units} />
      </Scroll>
    </section>
  );
});

export default Along;
