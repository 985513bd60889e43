import { angles, type Place, type Profile } from "@proven-seat/core/stroke";
import { convertUnit, figure, type Reading, shownUnit } from "@proven-seat/core/units";
import { memo, useCallback } from "react";
import { useUnits } from "../../app/reading.ts";
import { Chart } from "../../parts/chart.tsx";
import { axisText, chartFont, type PageColours, pointerNote } from "../../parts/charts.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { lineStyles } from "./stroke-lines.tsx";

/** Opening runs from 0 to 90°, closing back from 90 to 0: drawn side by side with a gap between. */
const closingFrom = 135;
const across = ({ stroke, degrees }: Place) => (stroke === "opening" ? degrees : closingFrom + 90 - degrees);
const angleAt = (x: number) => (x <= 90 ? x : closingFrom + 90 - x);

/** The stroke picture of a candidate as a chart. */
function strokeOptions(
  detail: CandidateDetail,
  units: Reading,
  colours: PageColours,
): Record<string, unknown> {
  const { stroke } = detail;
  const unit = shownUnit("torque", units);
  const torque = (nm: number) => convertUnit(nm, "torque", "N·m", unit);
  const line = (profile: Profile, name: Place["stroke"]) =>
    profile[name].map((nm, i) => [across({ stroke: name, degrees: angles[i]! }), torque(nm)] as const);
  const along = (profile: Profile | null): (readonly [number, number | null])[] =>
    profile ? [...line(profile, "opening"), [100, null], ...line(profile, "closing").reverse()] : [];
  const needed = along(stroke.needed);
  const low = along(stroke.atMinimum);
  const strength = detail.candidate.findings.find((f) => f.rule === "drive/strength");
  const { weakest: least } = stroke;
  const weakest = least && needed.find(([x]) => x === across(least));
  const text = axisText(colours);
  const highest = Math.max(...[...needed, ...low, ...along(stroke.atMaximum)].map(([, nm]) => Number(nm)), 1);
  const stem = torque(stroke.stemLimitNm);
  const stemShown = stem < highest * 2.2;
  const series = (
    of: keyof typeof lineStyles,
    data: (readonly [number, number | null])[],
    more: object = {},
  ) => {
    const { name, width, type, colour } = lineStyles[of];
    return {
      type: "line",
      name,
      data,
      symbol: "none",
      lineStyle: { color: colours[colour], width, type },
      itemStyle: { color: colours[colour] },
      ...more,
    };
  };
  return {
    animation: false,
    grid: { left: 54, right: 16, top: 30, bottom: 38 },
    tooltip: {
      trigger: "axis",
      ...pointerNote(colours),
      valueFormatter: (v: unknown) => (v == null ? "–" : `${figure(Number(v))} ${unit}`),
    },
    xAxis: {
      type: "value",
      min: 0,
      max: across({ stroke: "closing", degrees: 0 }),
      interval: 45,
      axisLabel: { ...text, formatter: (x: number) => `${angleAt(x)}°` },
      axisLine: { lineStyle: { color: colours.rule } },
      axisTick: { show: false },
      splitLine: { show: true, lineStyle: { color: colours.grid } },
      name: "opening 0 to 90°, then closing back",
      nameLocation: "middle",
      nameGap: 22,
      nameTextStyle: text,
    },
    yAxis: {
      type: "value",
      min: 0,
      max: (stemShown ? Math.max(stem, highest) : highest) * 1.1,
      name: unit,
      nameTextStyle: { ...text, align: "right" },
      axisLabel: { ...text, showMaxLabel: false, formatter: figure },
      splitLine: { lineStyle: { color: colours.grid } },
    },
    series: [
      series("needed", needed, {
        areaStyle: { color: colours.second, opacity: 0.8 },
        markPoint:
          weakest && strength
            ? {
                symbol: "circle",
                symbolSize: 9,
                itemStyle: { color: colours[strength.verdict] },
                data: [
                  {
                    coord: weakest,
                    label: {
                      show: true,
                      formatter: "weakest",
                      position: weakest[0] < 20 ? "right" : "bottom",
                      color: colours[strength.verdict],
                      fontFamily: chartFont,
                      fontSize: 12,
                      fontWeight: 600,
                      textBorderColor: colours.paper,
                      textBorderWidth: 3,
                    },
                  },
                ],
              }
            : undefined,
        markLine: {
          silent: true,
          symbol: "none",
          lineStyle: { color: colours.fails, type: "dashed" },
          data: stemShown
            ? [
                {
                  yAxis: stem,
                  label: {
                    formatter: "stem limit",
                    position: "insideStartTop",
                    color: colours.fails,
                    fontFamily: chartFont,
                    fontSize: 11,
                  },
                },
              ]
            : [],
        },
      }),
      series("demand", along(stroke.demand)),
      series("low", low),
      series("high", along(stroke.atMaximum)),
    ],
  };
}

/** Demand over the stroke both ways against what the drive gives; the stem limit as ceiling. */
const StrokeChart = memo(function StrokeChart({ detail }: { detail: CandidateDetail }) {
  const units = useUnits();
  const options = useCallback(
    (colours: PageColours) => strokeOptions(detail, units, colours),
    [detail, units],
  );
  return (
    <Chart
      options={options}
      says="Torque demand times service factor against drive output over the stroke both ways. The findings carry the same figures."
    />
  );
});

export default StrokeChart;
