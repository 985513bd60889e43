import { convertUnit, figure, figureText, type Reading, shownUnit } from "@proven-seat/core/basis/units";
import type { FlowPicture } from "@proven-seat/core/judgement/proof";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { memo, useCallback } from "react";
import { useUnits } from "../../app/reading.ts";
import { Chart } from "../../parts/chart.tsx";
import { axisText, boreGraphics, chartFont, type PageColours, pointerNote } from "../../parts/charts.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { FlowTable } from "./cases.tsx";
import { noiseWords, openingWords } from "./words.ts";

type Verdicts = Readonly<Record<string, Verdict>>;

/** Cases on the trim's curve, the openings that control shaded. */
function openingOptions(
  flow: FlowPicture,
  station: Verdict,
  verdicts: Verdicts,
  units: Reading,
  colours: PageColours,
): Record<string, unknown> {
  const unit = shownUnit("flow coefficient", units);
  const y = (kv: number) => convertUnit(kv, "flow coefficient", "Kv", unit);
  const text = axisText(colours);
  const floor = flow.curve[0]![1];
  // Neighbours are labelled on either side of the curve.
  const order = flow.cases.map((c) => c.openingPercent).sort((a, b) => a - b);
  const cases = flow.cases.map((c) => ({
    above: order.indexOf(c.openingPercent) % 2 === 1,
    ...c,
    kv: Math.max(floor, Math.min(c.kvNeeded, flow.trim.kv * 1.4)),
  }));
  return {
    animation: false,
    grid: { left: 60, right: 24, top: 26, bottom: 38 },
    tooltip: { trigger: "item", ...pointerNote(colours) },
    xAxis: {
      type: "value",
      min: 0,
      max: 100,
      name: "opening, %",
      nameLocation: "middle",
      nameGap: 22,
      nameTextStyle: text,
      axisLabel: text,
      splitLine: { lineStyle: { color: colours.grid } },
      axisLine: { lineStyle: { color: colours.rule } },
      axisTick: { show: false },
    },
    yAxis: {
      type: "log",
      name: unit,
      min: 10 ** Math.floor(Math.log10(y(floor))),
      nameTextStyle: { ...text, align: "right" },
      axisLabel: { ...text, formatter: figure },
      splitLine: { lineStyle: { color: colours.grid } },
    },
    series: [
      {
        type: "line",
        name: flow.trim.name,
        data: flow.curve.map(([opening, kv]) => [opening, y(kv)]),
        symbol: "none",
        silent: true,
        lineStyle: { color: colours.ink, width: 2.2, type: flow.trim.typical ? "dashed" : "solid" },
        markArea: {
          silent: true,
          itemStyle: { color: colours.second, opacity: 0.9 },
          label: {
            position: "insideTop",
            color: colours.dim,
            fontFamily: chartFont,
            fontSize: 11,
            formatter: "control range",
          },
          data: [[{ xAxis: flow.leastPercent }, { xAxis: flow.mostPercent }]],
        },
      },
      {
        type: "custom",
        name: "cases",
        z: 5,
        data: cases.map((c, index) => ({ value: [c.openingPercent, y(c.kv), index] })),
        tooltip: {
          formatter: ({ dataIndex }: { dataIndex: number }) => {
            const c = cases[dataIndex]!;
            return [
              c.name,
              `opening ${openingWords(c)}`,
              `required ${figureText(c.kvNeeded, "Kv", units)}`,
              `drop ${figureText(c.dropBar, "bar", units)}`,
              `noise ${noiseWords(c)}`,
            ].join("\n");
          },
        },
        renderItem: (
          _: unknown,
          api: { value: (i: number) => number; coord: (v: number[]) => number[]; getWidth: () => number },
        ) => {
          const c = cases[api.value(2)]!;
          const [px, py] = api.coord([c.openingPercent, y(c.kv)]) as [number, number];
          return {
            type: "group",
            children: [
              { type: "circle", shape: { cx: px, cy: py, r: 9 }, style: { fill: colours.paper } },
              boreGraphics(verdicts[c.id] ?? station, px, py, 7, colours),
              {
                type: "text",
                style: {
                  text: `${c.name} ${openingWords(c)}`,
                  x: c.above ? px - 12 : px + 12,
                  y: c.above ? py - 4 : py + 4,
                  align: c.above ? "right" : "left",
                  verticalAlign: c.above ? "bottom" : "top",
                  fill: colours.ink,
                  font: `500 12px ${chartFont}`,
                  stroke: colours.paper,
                  lineWidth: 3,
                },
              },
            ],
          };
        },
      },
    ],
  };
}

/** Every case at its opening on the trim's curve; for an open valve, its pressure drop in numbers. */
const FlowChart = memo(function FlowChart({
  detail,
  verdicts,
}: {
  detail: CandidateDetail;
  verdicts: Verdicts;
}) {
  const units = useUnits();
  const { flow, candidate } = detail;
  const station = candidate.stations.flow;
  const options = useCallback(
    (colours: PageColours) => openingOptions(flow, station, verdicts, units, colours),
    [flow, station, verdicts, units],
  );
  if (!flow.throttles || flow.cases.length === 0)
    return (
      <div className="flex h-full flex-col">
        <FlowTable flow={flow} />
      </div>
    );
  return (
    <Chart
      options={options}
      says="Flow coefficient of the trim over travel, with every case. The table below has the same values."
    />
  );
});

export default FlowChart;
